<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** The day a fish hatched, as its keeper says. */
final readonly class HatchDay
{
    /** The oldest sturgeons known reach about this age: anything more is a slip of the year. From memory, no source given. */
    private const OLDEST_YEARS = 150;

    /** @throws InvalidEntry on `hatched_on` when it cannot have hatched then */
    public static function check(Fish $fish, LocalDate $hatched, LocalDate $today): void
    {
        if ($hatched->isAfter($today)) {
            throw InvalidEntry::because('hatched_on', Finding::of('fish.hatched_in_the_future', day: $hatched));
        }
        if ($hatched->isAfter($fish->arrived)) {
            throw InvalidEntry::because('hatched_on', Finding::of('fish.hatched_after_arrival', arrived: $fish->arrived));
        }
        if ($hatched->daysUntil($today) > self::OLDEST_YEARS * LocalDate::DAYS_PER_YEAR) {
            throw InvalidEntry::because('hatched_on', Finding::of('fish.too_old', years: self::OLDEST_YEARS));
        }
    }
}
