<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Moving\Quarantine\ProductClass;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A class of products for treatments, with what to mind.')]
final readonly class TreatmentProduct
{
    public function __construct(
        #[OA\Property(type: 'string', enum: ProductClass::class)] public ProductClass $product_class,
        #[OA\Property(description: 'Empty: nothing besides the label.')] public string $caution,
    ) {
    }
}
