<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Facility\Fish;
use Biomegas\InvalidEntry;

/** The day of an entry in the log of a fish: not before it came, not after it was gone, not in the future. */
final readonly class LoggedDay
{
    /** @throws InvalidEntry naming the field "date" */
    public static function check(LocalDate $date, Fish $fish, LocalDate $today): void
    {
        if ($date->isAfter($today)) {
            throw InvalidEntry::because('date', "{$date->toIso()} is in the future. Give the day on which it happened.");
        }
        if ($date->isBefore($fish->arrived)) {
            throw InvalidEntry::because('date', "{$fish->name} arrived on {$fish->arrived->toIso()}. Give a day from then on.");
        }
        if ($fish->gone !== null && $date->isAfter($fish->gone)) {
            throw InvalidEntry::because('date', "{$fish->name} is gone since {$fish->gone->toIso()}. Give a day until then, or take that entry back.");
        }
    }
}
