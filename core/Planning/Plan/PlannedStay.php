<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** A fish in a system for a span of days. */
final readonly class PlannedStay
{
    public function __construct(
        /** Key of the fish. */
        public string $fish,
        /** Key of the system. */
        public string $system,
        public LocalDate $from,
        /** The first day on which it is not there any more; null: as far as is looked. */
        public ?LocalDate $until,
    ) {
    }

    public function covers(LocalDate $day): bool
    {
        return ! $day->isBefore($this->from) && ($this->until === null || $day->isBefore($this->until));
    }
}
