<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Housing\Floor\FloorUse;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Verdict\Occupant;

/** A system from above week by week: how long its fish are, and what they need to swim and turn. */
final readonly class FloorPlan
{
    private const STEP_DAYS = 7;

    /**
     * @param  non-empty-list<LocalDate>  $days
     * @param  list<GrowingOccupant>  $residents
     * @param  array<value-of<WaterLayer>, non-empty-list<float>>  $layers  share of the floor needed, by day
     */
    private function __construct(
        public array $days,
        public array $residents,
        public array $layers,
    ) {
    }

    /** @param  list<ProjectedOccupant>  $residents */
    public static function of(Facility $facility, System $system, array $residents): self
    {
        $days = array_map(fn (int $week): LocalDate => $facility->date->plusDays($week * self::STEP_DAYS), range(0, intdiv($facility->horizonDays, self::STEP_DAYS)));
        $rulebook = $facility->rulebook->holdingFor($system->key);
        $layers = [];
        foreach ($days as $day) {
            $use = FloorUse::of($rulebook, $system, array_map(fn (ProjectedOccupant $occupant): Occupant => $occupant->occupantOn($day), $residents));
            foreach (WaterLayer::layers() as $layer) {
                $layers[$layer->value][] = $use->share($layer);
            }
        }
        $limits = new HomeLimits($facility->rulebook);

        return new self($days, array_map(
            fn (ProjectedOccupant $occupant): GrowingOccupant => self::grow($facility, $occupant, $limits->limitIn($system, $occupant->fish->species, $occupant->fish), $days),
            $residents,
        ), $layers);
    }

    /** @param  non-empty-list<LocalDate>  $days */
    private static function grow(Facility $facility, ProjectedOccupant $resident, HomeLimit $limit, array $days): GrowingOccupant
    {
        $bands = array_map($resident->bandOn(...), $days);

        return new GrowingOccupant(
            $resident->fish,
            $bands,
            array_map(fn (LocalDate $day): float => $resident->occupantOn($day)->longest(), $days),
            array_map(fn (LocalDate $day): float => $resident->occupantOn($day)->shortest(), $days),
            $limit,
            $facility->rulebook,
        );
    }
}
