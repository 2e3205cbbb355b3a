<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Moving\Quarantine\ProductClass;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A treatment: the label and a vet decide.')]
final readonly class TreatmentRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: ProductClass::class)] public ProductClass $product_class,
        #[OA\Property] public ?string $dose,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $until,
        #[OA\Property(format: 'date')] public ?string $withdrawal,
    ) {
    }
}
