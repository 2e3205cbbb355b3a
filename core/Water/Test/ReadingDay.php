<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Calendar\LocalDate;
use Biomegas\InvalidEntry;

/** The day that a probe took a reading: not before its system was there. */
final readonly class ReadingDay
{
    /**
     * @param  LocalDate  $since  the first day that anything is known of the system
     *
     * @throws InvalidEntry naming the field
     */
    public static function check(string $field, LocalDate $day, LocalDate $since): void
    {
        if ($day->isBefore($since)) {
            throw InvalidEntry::because($field, "This system was not there before {$since->toIso()}: check the clock of the probe, or say on its page since when it is in use.");
        }
    }
}
