<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Growth\Projection\LengthBand;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A length in millimetres with its 80 % range.')]
final readonly class Band
{
    public function __construct(
        #[OA\Property] public float $low,
        #[OA\Property] public float $likely,
        #[OA\Property] public float $high,
    ) {
    }

    public static function from(LengthBand $band): self
    {
        return new self(round($band->low, 1), round($band->likely, 1), round($band->high, 1));
    }
}
