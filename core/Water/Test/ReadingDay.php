<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

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
            throw InvalidEntry::because($field, Finding::of('water.reading_before_the_system', since: $since));
        }
    }
}
