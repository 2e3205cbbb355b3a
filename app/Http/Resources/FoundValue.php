<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Water\Test\Quantity;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One measured value; ions, not nitrogen.')]
final readonly class FoundValue
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Quantity::class)] public Quantity $quantity,
        #[OA\Property] public float $value,
        #[OA\Property(description: 'With its unit.')] public string $said,
    ) {
    }
}
