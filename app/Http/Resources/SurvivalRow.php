<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A day after arrival on which somebody died.')]
final readonly class SurvivalRow
{
    public function __construct(
        #[OA\Property] public int $days,
        #[OA\Property(description: 'How many were still kept just before.')] public int $at_risk,
        #[OA\Property] public int $deaths,
        #[OA\Property(description: 'That lives beyond.')] public float $share,
        #[OA\Property(description: 'Of the 95 % interval.')] public float $low,
        #[OA\Property] public float $high,
    ) {
    }
}
