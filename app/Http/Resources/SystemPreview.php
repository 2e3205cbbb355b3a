<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Water\FilledWeight;
use Biomegas\Water\Load\TurnoverNeed;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a system comes to while it is being typed.')]
final readonly class SystemPreview
{
    /** @param  list<Basin>  $basins */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Basin'))] public array $basins,
        #[OA\Property(description: 'Of the pools, less what decor takes the place of.')] public float $litres,
        #[OA\Property(description: 'With the sump.')] public float $water_litres,
        #[OA\Property(description: 'That decor leaves free.')] public float $floor_mm2,
        #[OA\Property] public float $weight_kg,
        #[OA\Property] public float $floor_load_kg_m2,
        #[OA\Property(description: 'A pump for it moves at least so much in an hour.')] public float $turnover_least_litres,
        #[OA\Property(description: 'The floor should be judged by an engineer.')] public bool $is_heavy,
    ) {
    }

    public static function from(System $system, LocalDate $today): self
    {
        $weight = FilledWeight::of($system);

        return new self(
            array_map(fn (Pool $pool): Basin => Basin::from($pool, $system, $today), $system->pools),
            round($system->litres(), 1),
            round($system->waterLitres(), 1),
            round($system->floorArea()),
            round($weight->kilograms),
            round($weight->perSquareMetre),
            round($system->waterLitres() * TurnoverNeed::of($system->kind)->least),
            $weight->wantsAnEngineer($system->kind),
        );
    }
}
