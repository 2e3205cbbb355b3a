<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\System;
use Biomegas\Water\FilledWeight;
use Biomegas\Water\Load\TurnoverNeed;
use Biomegas\Water\Oxygen;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What the fish of a system ask of its water, today and month by month.')]
final readonly class LoadSheet
{
    private const MINUTES_PER_HOUR = 60;

    /** @param  list<LoadMonth>  $months */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LoadMonth'), description: 'Today first.')] public array $months,
        #[OA\Property(description: 'What the filter carries with the reserve it needs, g N a day; null: its media are not known.')] public ?float $capacity_g,
        #[OA\Property(description: 'Times an hour; null: not known.')] public ?float $turnover,
        #[OA\Property] public float $turnover_least,
        #[OA\Property] public float $turnover_most,
        #[OA\Property(ref: '#/components/schemas/NitrateSheet')] public NitrateSheet $nitrate,
        #[OA\Property(description: 'Hours until the fish are in trouble when the pump stops, the surface not counted; null: no fish.')] public ?float $hours_without_pump,
        #[OA\Property] public float $weight_kg,
        #[OA\Property] public float $floor_load_kg_m2,
        #[OA\Property(description: 'Floor that rock and wood leave free, mm2.')] public float $floor_mm2,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system): self
    {
        $ahead = $kept->load($system);
        $yield = $kept->nitrateYield($system)->factor;
        $need = TurnoverNeed::of($system->kind);
        $weight = FilledWeight::of($system);
        $minutes = Oxygen::minutesWithoutAir($system->litres(), $ahead->today()->mass, $kept->celsiusNow($system));
        $turnover = $system->equipment->turnover;

        return new self(
            array_map(fn (array $month): LoadMonth => LoadMonth::from($month[0], $month[1], $yield), $ahead->months),
            $ahead->today()->carried() === null ? null : round($ahead->today()->carried(), 2),
            $turnover === null ? null : round($turnover / $system->waterLitres(), 2),
            $need->least,
            $need->most,
            NitrateSheet::from($kept, $system),
            is_finite($minutes) ? round($minutes / self::MINUTES_PER_HOUR, 1) : null,
            round($weight->kilograms),
            round($weight->perSquareMetre),
            round($system->floorArea()),
        );
    }
}
