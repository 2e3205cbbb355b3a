<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Planning\Floor\FloorPlan;
use Biomegas\Planning\Floor\GrowingOccupant;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system from above on any week to come: lists run along the dates.')]
final readonly class FloorPlanSheet
{
    /**
     * @param  list<string>  $dates
     * @param  list<GrowingFish>  $fish
     * @param  list<float>  $bottom
     * @param  list<float>  $middle
     * @param  list<float>  $top
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', format: 'date'))] public array $dates,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/GrowingFish'))] public array $fish,
        #[OA\Property(description: 'Share of the floor needed by those who use the bottom.', type: 'array', items: new OA\Items(type: 'number'))] public array $bottom,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $middle,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $top,
        #[OA\Property(description: 'The straight run of the roomiest pool.')] public float $run_mm,
        #[OA\Property(description: 'Its room to turn.')] public float $turning_mm,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system): self
    {
        $plan = FloorPlan::of($kept->facility, $system, $kept->growing($system));
        $shares = fn (string $layer): array => array_map(fn (float $share): float => round($share, 3), $plan->layers[$layer] ?? []);

        return new self(
            array_map(fn (LocalDate $day): string => $day->toIso(), $plan->days),
            array_map(fn (GrowingOccupant $occupant): GrowingFish => GrowingFish::from($kept, $occupant), $plan->residents),
            $shares('bottom'),
            $shares('middle'),
            $shares('top'),
            round(max(0.0, ...array_map(fn (Pool $pool): float => $pool->shape->swimLength(), $system->lastingPools())), 1),
            round(max(0.0, ...array_map(fn (Pool $pool): float => $pool->shape->turningWidth(), $system->lastingPools())), 1),
        );
    }
}
