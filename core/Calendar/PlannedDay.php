<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A day that something is planned for: near enough that somebody means it. */
final readonly class PlannedDay
{
    /** Nobody plans a pond for their grandchildren's children: a slip of the year. */
    private const FURTHEST_YEARS = 30;

    /** @throws InvalidEntry naming the field */
    public static function check(string $field, LocalDate $day, LocalDate $today): void
    {
        if ($today->daysUntil($day) > self::FURTHEST_YEARS * LocalDate::DAYS_PER_YEAR) {
            throw InvalidEntry::because($field, Finding::of('calendar.planned_too_far', day: $day, years: self::FURTHEST_YEARS));
        }
    }

    /** @throws InvalidEntry naming the field */
    public static function checkToCome(string $field, LocalDate $day, LocalDate $today): void
    {
        if ($day->isBefore($today)) {
            throw InvalidEntry::because($field, Finding::of('calendar.planned_in_the_past'));
        }
        self::check($field, $day, $today);
    }
}
