<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;

/**
 * When a fish should be measured next: often while its pace is not known or
 * it is about to outgrow its home, seldom when nothing hangs on it. Common
 * practice, no published source.
 */
final readonly class MeasurementDue
{
    private const OFTEN_DAYS = 30;

    private const NOW_AND_THEN_DAYS = 90;

    private const SELDOM_DAYS = 180;

    private const NEAR_DAYS = 180;

    /** Fewer lengths than this do not show a pace. */
    private const LENGTHS_THAT_SHOW_A_PACE = 3;

    public static function of(Facility $facility, FishOutlook $outlook): LocalDate
    {
        $last = $outlook->fish->lastLength();

        return $last === null ? $outlook->fish->arrived : $last->date->plusDays(self::interval($facility, $outlook));
    }

    private static function interval(Facility $facility, FishOutlook $outlook): int
    {
        $early = $outlook->current()->outgrows->early;
        if ($early === null) {
            return self::SELDOM_DAYS;
        }
        $isNear = $facility->date->daysUntil($early) <= self::NEAR_DAYS;
        $paceIsKnown = count($outlook->fish->lengths) >= self::LENGTHS_THAT_SHOW_A_PACE;

        return $isNear || ! $paceIsKnown ? self::OFTEN_DAYS : self::NOW_AND_THEN_DAYS;
    }
}
