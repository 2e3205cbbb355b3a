<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Another species that is taken for this one, and what tells them apart.')]
final readonly class LookAlike
{
    public function __construct(
        #[OA\Property(description: 'Null: it is not among the species here.')] public ?int $species_id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $marks,
        #[OA\Property] public float $shows_at_mm,
    ) {
    }
}
