<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A species that a fish may be besides, with the share of belief in it.')]
final readonly class Candidate
{
    public function __construct(
        #[OA\Property] public int $species_id,
        #[OA\Property] public float $weight,
    ) {
    }
}
