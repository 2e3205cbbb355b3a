<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;

/**
 * When a system is full for those who live in it: the first of its residents
 * to outgrow it, or the day on which together they are too many for it. Of the
 * latter the chains of homes speak, where they are known: they follow moves that
 * are planned, to the day.
 */
final readonly class SystemOutlook
{
    /**
     * @param  array<string, FishOutlook>  $fish  outlooks of the residents at least, by fish
     * @param  list<array{LocalDate, Verdict}|null>|null  $leaves  when and why each resident must leave by its chain, null: not within the horizon; null: no chains are known
     */
    public static function of(Facility $facility, System $system, array $fish, ?array $leaves = null): ?FullSystem
    {
        $residents = array_map(fn ($resident): FishOutlook => $fish[$resident->key], $facility->residentsOf($system));
        $full = self::together(FloorFilling::of($facility, $system, $residents), $leaves);
        foreach ($residents as $resident) {
            $home = $resident->homeIn($system);
            $window = $home->outgrows;
            $outgrown = new FullSystem($window->early, $window->likely, $window->late, Finding::of('full.fish', fish: $resident->fish->name, binding: $home->limit->binding));
            if ($outgrown->comesBefore($full)) {
                $full = $outgrown;
            }
        }

        return $full;
    }

    /** @param  list<array{LocalDate, Verdict}|null>|null  $leaves */
    private static function together(?FullSystem $floor, ?array $leaves): ?FullSystem
    {
        $known = array_values(array_filter($leaves ?? []));
        if ($leaves !== null && $known === []) {
            return null;
        }
        $first = null;
        foreach ($known as [$day, $because]) {
            if ($because->rule !== HousingRule::Size && ($first === null || $day->isBefore($first[0]))) {
                $first = [$day, $because];
            }
        }
        if ($first === null) {
            return $floor;
        }
        [$day, $because] = $first;

        return $because->rule === HousingRule::Floor
            ? new FullSystem($floor?->early?->isBefore($day) === true ? $floor->early : $day, $day, $floor?->late?->isAfter($day) === true ? $floor->late : null, Finding::of('full.floor'))
            : new FullSystem($day, $day, null, $because->finding);
    }
}
