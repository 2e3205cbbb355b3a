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

    /** Has the other one the same fish elsewhere on some of these days? */
    public function contradicts(self $other): bool
    {
        return $this->fish === $other->fish && $this->system !== $other->system
            && ($this->until === null || $other->from->isBefore($this->until)) && ($other->until === null || $this->from->isBefore($other->until));
    }

    public function covers(LocalDate $day): bool
    {
        return ! $day->isBefore($this->from) && ($this->until === null || $day->isBefore($this->until));
    }
}
