<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\InvalidEntry;

/** The day a fish hatched, as its keeper says. */
final readonly class HatchDay
{
    /** The oldest sturgeons known reach about this age: anything more is a slip of the year. From memory, no source given. */
    private const OLDEST_YEARS = 150;

    /** @throws InvalidEntry on `hatched_on` when it cannot have hatched then */
    public static function check(Fish $fish, LocalDate $hatched, LocalDate $today): void
    {
        if ($hatched->isAfter($today)) {
            throw InvalidEntry::because('hatched_on', "{$hatched->toIso()} is still to come. Give the day on which it hatched.");
        }
        if ($hatched->isAfter($fish->arrived)) {
            throw InvalidEntry::because('hatched_on', "It came on {$fish->arrived->toIso()}: it had hatched by then. Give an earlier day.");
        }
        if ($hatched->daysUntil($today) > self::OLDEST_YEARS * LocalDate::DAYS_PER_YEAR) {
            throw InvalidEntry::because('hatched_on', 'It would be older than '.self::OLDEST_YEARS.' years. Check the year.');
        }
    }
}
