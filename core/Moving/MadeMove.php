<?php

declare(strict_types=1);

namespace Biomegas\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LoggedDay;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\InvalidEntry;

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
            throw InvalidEntry::because('to', "{$fish->name} lives in {$to->name} already. Choose another home.");
        }
        LoggedDay::check($date, $fish, $today);
        if ($date->isBefore($stay->from)) {
            throw InvalidEntry::because('date', "{$fish->name} came to its present home on {$stay->from->toIso()}. Give a day from then on.");
        }
        if (! $to->isAvailableOn($date)) {
            throw InvalidEntry::because('to', "{$to->name} was not in use on {$date->toIso()}.");
        }

        return new self($stay->system, $to->key, $date);
    }
}
