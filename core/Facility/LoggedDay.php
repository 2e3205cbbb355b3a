<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** The day of an entry in the log of a fish: not before it came, not after it was gone, not in the future. */
final readonly class LoggedDay
{
    /** @throws InvalidEntry naming the field "date" */
    public static function check(LocalDate $date, Fish $fish, LocalDate $today): void
    {
        if ($date->isAfter($today)) {
            throw InvalidEntry::because('date', Finding::of('calendar.logged_in_the_future', day: $date));
        }
        if ($date->isBefore($fish->arrived)) {
            throw InvalidEntry::because('date', Finding::of('calendar.logged_before_arrival', fish: $fish->name, arrived: $fish->arrived));
        }
        if ($fish->gone !== null && $date->isAfter($fish->gone)) {
            throw InvalidEntry::because('date', Finding::of('calendar.logged_after_it_was_gone', fish: $fish->name, gone: $fish->gone));
        }
    }
}
