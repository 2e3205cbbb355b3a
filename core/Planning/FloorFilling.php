<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Floor\CrowdedFloor;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\RuleParameter;

/**
 * When the floor of a system runs out under its growing residents. Each water
 * layer needs floor in proportion to the squared lengths of those who use it;
 * a fish of all layers counts in full in each.
 */
final readonly class FloorFilling
{
    private const STEP_DAYS = 7;

    /** Half the width of an 80 % range in standard deviations. */
    private const EIGHTY_PERCENT = 1.2816;

    /** @param  list<FishOutlook>  $residents */
    public static function of(Facility $facility, System $system, array $residents): ?FullSystem
    {
        $first = null;
        foreach (WaterLayer::layers() as $layer) {
            $full = self::ofLayer($facility, $system, self::inLayer($residents, $layer));
            $first = $full->comesBefore($first) ? $full : $first;
        }

        return $first;
    }

    /**
     * @param  list<FishOutlook>  $residents
     * @return list<FishOutlook>
     */
    private static function inLayer(array $residents, WaterLayer $layer): array
    {
        return array_values(array_filter(
            $residents,
            fn (FishOutlook $outlook): bool => $outlook->fish->species->layer->uses($layer),
        ));
    }

    /** @param  list<FishOutlook>  $residents */
    private static function ofLayer(Facility $facility, System $system, array $residents): FullSystem
    {
        [$early, $likely, $late] = [null, null, null];
        $rulebook = $facility->rulebook->holdingFor($system->key);
        $room = $system->floorArea() / (1 - $rulebook->number(RuleParameter::SizeTolerance)) / CrowdedFloor::perSquaredLength($rulebook, $system, ...array_map(fn (FishOutlook $outlook): Occupant => $outlook->occupantOn($facility->date), $residents));
        for ($day = 0; $residents !== [] && $late === null && $day <= $facility->horizonDays; $day += self::STEP_DAYS) {
            $date = $facility->date->plusDays($day);
            [$needed, $spread] = self::squaredLengths($residents, $date);
            $early ??= $needed + self::EIGHTY_PERCENT * $spread >= $room ? $date : null;
            $likely ??= $needed >= $room ? $date : null;
            $late = $needed - self::EIGHTY_PERCENT * $spread >= $room ? $date : null;
        }

        return new FullSystem($early, $likely, $late, Finding::of('full.floor'));
    }

    /**
     * Sum of the squared lengths and its standard deviation, fish growing
     * independently of each other.
     *
     * @param  list<FishOutlook>  $residents
     * @return array{float, float}
     */
    private static function squaredLengths(array $residents, LocalDate $date): array
    {
        $sum = $variance = 0.0;
        foreach ($residents as $resident) {
            $band = $resident->growth->lengthOn($date);
            $sum += $resident->fish->count * $band->likely ** 2;
            $variance += ($resident->fish->count * ($band->high ** 2 - $band->low ** 2) / (2 * self::EIGHTY_PERCENT)) ** 2;
        }

        return [$sum, sqrt($variance)];
    }
}
