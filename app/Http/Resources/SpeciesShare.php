<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Growth\Projection\GrowthProjection;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A species that the fish may be, with the share of belief in it after its lengths were looked at.')]
final readonly class SpeciesShare
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        #[OA\Property] public float $weight,
    ) {
    }

    /** @return list<self> most believed first */
    public static function all(GrowthProjection $growth): array
    {
        return array_map(
            fn (array $species): self => new self($species[1]->species->key, $species[1]->species->commonName, round($species[0], 3)),
            $growth->candidates,
        );
    }
}
