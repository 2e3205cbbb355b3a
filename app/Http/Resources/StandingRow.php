<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Where one stands among those it lives with.')]
final readonly class StandingRow
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: "David's score.")] public float $score,
        #[OA\Property] public int $won,
        #[OA\Property] public int $lost,
        #[OA\Property(description: 'How likely it stands above all, from 0 to 1.')] public float $first,
    ) {
    }
}
