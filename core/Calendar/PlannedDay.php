<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\InvalidEntry;

/** A day that something is planned for: near enough that somebody means it. */
final readonly class PlannedDay
{
    /** Nobody plans a pond for their grandchildren's children: a slip of the year. */
    private const FURTHEST_YEARS = 30;

    /** @throws InvalidEntry naming the field */
    public static function check(string $field, LocalDate $day, LocalDate $today): void
    {
        if ($today->daysUntil($day) > self::FURTHEST_YEARS * LocalDate::DAYS_PER_YEAR) {
            throw InvalidEntry::because($field, "{$day->toIso()} is more than ".self::FURTHEST_YEARS.' years ahead. Check the year.');
        }
    }

    /** @throws InvalidEntry naming the field */
    public static function checkToCome(string $field, LocalDate $day, LocalDate $today): void
    {
        if ($day->isBefore($today)) {
            throw InvalidEntry::because($field, 'This day has passed: choose today or one to come.');
        }
        self::check($field, $day, $today);
    }
}
