<?php

declare(strict_types=1);

namespace Biomegas\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A move that has been made already: it ends the present stay and starts the next. */
final readonly class MadeMove
{
    private function __construct(
        public string $from,
        public string $to,
        public LocalDate $date,
    ) {
    }

    /** @throws InvalidEntry when it cannot have been made */
    public static function record(Fish $fish, System $to, LocalDate $date, LocalDate $today): self
    {
        $stay = $fish->stays[count($fish->stays) - 1];
        if ($stay->system === $to->key) {
            throw InvalidEntry::because('to', Finding::of('moving.lives_there', fish: $fish->name, system: $to->name));
        }
        LoggedDay::check($date, $fish, $today);
        if ($date->isBefore($stay->from)) {
            throw InvalidEntry::because('date', Finding::of('moving.before_its_stay', fish: $fish->name, since: $stay->from));
        }
        if (! $to->isAvailableOn($date)) {
            throw InvalidEntry::because('to', Finding::of('moving.not_in_use', system: $to->name, day: $date));
        }

        return new self($stay->system, $to->key, $date);
    }
}
