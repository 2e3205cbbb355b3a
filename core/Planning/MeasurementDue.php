<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Purpose;
use Biomegas\Growth\NextMeasurement;
use Biomegas\Rulebook\Method;

/**
 * When a fish should be measured next: when a length is expected to narrow its
 * outgrow window, counted from its last one; in time to
 * ready the next home, seldom when nothing hangs on it.
 */
final readonly class MeasurementDue
{
    /** When it fits for longer than anybody plans. Common practice, no published source. */
    private const SELDOM_DAYS = 180;

    private const LEAST_DAYS = 14;

    /** The next home must be ready in time: four weeks are usual for water to settle. Common practice, no published source. */
    private const LEAD_DAYS = 28;

    /** Days past its day after which it is called late. Judgement. */
    private const LATE_DAYS = 14;

    public static function isLate(LocalDate $due, LocalDate $today): bool
    {
        return $due->daysUntil($today) > self::LATE_DAYS;
    }

    /** Null: its length decides nothing, so nobody need catch it. */
    public static function of(FishOutlook $outlook): ?LocalDate
    {
        if ($outlook->fish->purpose === Purpose::Food || ($outlook->fish->isShoal() && $outlook->current()->fitsNow && $outlook->current()->outgrows->early === null)) {
            return null;
        }
        $last = $outlook->fish->lastLength();
        if ($last === null) {
            return $outlook->fish->arrived;
        }
        $seldom = $last->date->plusDays(self::SELDOM_DAYS);
        $home = $outlook->current();
        if ($home->outgrows->early === null || ! $home->fitsNow) {
            return $seldom;
        }
        $due = NextMeasurement::after($outlook->growth->leading(), $home->limit->millimetres, Method::Picture->relativeError(), $last->date) ?? $seldom;
        $latest = $home->outgrows->early->plusDays(-self::LEAD_DAYS);
        $due = $due->isAfter($latest) ? $latest : $due;

        return LocalDate::later($due, $last->date->plusDays(self::LEAST_DAYS));
    }
}
