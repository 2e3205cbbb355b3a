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
use Closure;

/**
 * When the floor of a system runs out under its growing residents. Each water
 * layer needs floor in proportion to the squared lengths of those who use it;
 * a fish of all layers counts in full in each.
 */
final readonly class FloorFilling
{
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
        $rulebook = $facility->rulebook->holdingFor($system->key);
        $room = $system->floorArea() / (1 - $rulebook->number(RuleParameter::SizeTolerance)) / CrowdedFloor::perSquaredLength($rulebook, $system, ...array_map(fn (FishOutlook $outlook): Occupant => $outlook->occupantOn($facility->date), $residents));
        $isFull = function (int $day, float $spreads) use ($facility, $residents, $room): bool {
            [$needed, $spread] = self::squaredLengths($residents, $facility->date->plusDays($day));

            return $needed + $spreads * $spread >= $room;
        };
        $firstDay = fn (float $spreads): ?LocalDate => $residents === [] ? null : self::first($facility, fn (int $day): bool => $isFull($day, $spreads));

        return new FullSystem($firstDay(self::EIGHTY_PERCENT), $firstDay(0.0), $firstDay(-self::EIGHTY_PERCENT), Finding::of('full.floor'));
    }

    /** @param  Closure(int): bool  $isFull  on a day from today on; fish only grow, so once full it stays full */
    private static function first(Facility $facility, Closure $isFull): ?LocalDate
    {
        if (! $isFull($facility->horizonDays)) {
            return null;
        }
        [$before, $full] = [-1, $facility->horizonDays];
        while ($full - $before > 1) {
            $middle = intdiv($before + $full, 2);
            if ($isFull($middle)) {
                $full = $middle;
            } else {
                $before = $middle;
            }
        }

        return $facility->date->plusDays($full);
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
