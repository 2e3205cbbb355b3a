<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Housing\Rule\TemperatureFit;

/**
 * The home to move up to: the smallest system in use that takes the fish on
 * from the first day it may have to leave, for as long as a staged upgrade
 * should last; when none lasts that long, the one that lasts longest.
 */
final readonly class NextHome
{
    public static function of(FishOutlook $outlook): ?HomeOutlook
    {
        $larger = self::largerHomes($outlook);
        if ($larger === []) {
            return null;
        }
        $leaves = $outlook->current()->outgrows->early ?? $outlook->facility->horizon();
        $until = $outlook->facility->rulebook->movesToFinalHomeFirst()
            ? $outlook->facility->horizon()
            : $leaves->plusDays($outlook->facility->rulebook->stagedDays());
        $floors = array_map(fn (System $system): float => $system->floorArea(), $larger);
        asort($floors);
        foreach (array_keys($floors) as $i) {
            if (self::lastsUntil($outlook->mayOutgrow($larger[$i]), $until)) {
                return $outlook->homeIn($larger[$i]);
            }
        }
        $limits = array_map($outlook->limitIn(...), $larger);

        return $outlook->homeIn($larger[array_search(max($limits), $limits, true)]);
    }

    /** @return list<System> in use, of the right temperature, and with a higher limit than its home */
    private static function largerHomes(FishOutlook $outlook): array
    {
        $fish = $outlook->fish;
        $present = $outlook->limitIn($outlook->facility->systems[$fish->currentSystem()]);

        return array_values(array_filter($outlook->facility->systems, fn (System $system): bool => $system->key !== $fish->currentSystem()
            && $outlook->limitIn($system) > $present
            && $outlook->fitsNow($system)
            && TemperatureFit::of($fish->species, $system, $outlook->facility->rulebook) === TemperatureFit::Suits
            && $system->isAvailableOn($outlook->facility->date)));
    }

    private static function lastsUntil(?LocalDate $early, LocalDate $until): bool
    {
        return $early === null || ! $early->isBefore($until);
    }
}
