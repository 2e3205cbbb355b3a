<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Moving\Watch\Intervention;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'An intervention against chasing, and why.')]
final readonly class InterventionRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Intervention::class)] public Intervention $intervention,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
    ) {
    }
}
