<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Housing\TemperatureFit;

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
        $until = $leaves->plusDays($outlook->facility->rulebook->stagedDays());
        usort($larger, fn (System $a, System $b): int => $a->floorArea() <=> $b->floorArea());
        foreach ($larger as $system) {
            $home = $outlook->homeIn($system);
            if (self::lastsUntil($home, $until)) {
                return $home;
            }
        }
        usort($larger, fn (System $a, System $b): int => $outlook->limitIn($b) <=> $outlook->limitIn($a));

        return $outlook->homeIn($larger[0]);
    }

    /** @return list<System> in use, of the right temperature, and with a higher limit than its home */
    private static function largerHomes(FishOutlook $outlook): array
    {
        $fish = $outlook->fish;
        $present = $outlook->limitIn($outlook->facility->systems[$fish->currentSystem()]);

        return array_values(array_filter($outlook->facility->systems, fn (System $system): bool => $system->key !== $fish->currentSystem()
            && $outlook->limitIn($system) > $present
            && $outlook->fitsNow($system)
            && TemperatureFit::of($fish->species, $system) === TemperatureFit::Suits
            && $system->isAvailableOn($outlook->facility->date)));
    }

    private static function lastsUntil(HomeOutlook $home, LocalDate $until): bool
    {
        return $home->outgrows->early === null || ! $home->outgrows->early->isBefore($until);
    }
}
