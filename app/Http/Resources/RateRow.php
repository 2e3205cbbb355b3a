<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Acts in an hour of watching, and between what the true rate lies in 95 of 100 cases.')]
final readonly class RateRow
{
    public function __construct(
        #[OA\Property] public int $acts,
        #[OA\Property] public float $hours,
        #[OA\Property] public float $per_hour,
        #[OA\Property] public float $low,
        #[OA\Property] public float $high,
    ) {
    }
}
