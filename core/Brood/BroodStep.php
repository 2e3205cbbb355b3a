<?php

declare(strict_types=1);

namespace Biomegas\Brood;

use Biomegas\Calendar\LocalDate;

/** A stage of a brood with the days on which it is expected, and what the keeper made of it. */
final readonly class BroodStep
{
    public function __construct(
        public BroodStepKind $kind,
        public LocalDate $from,
        public LocalDate $until,
        public bool $isDone = false,
        public bool $isLeftOut = false,
        /** The keeper has set the day. */
        public bool $isMoved = false,
    ) {
    }

    public function isDueOn(LocalDate $day): bool
    {
        return ! $this->isDone && ! $this->isLeftOut && ! $day->isBefore($this->from);
    }

    public function isLateOn(LocalDate $day): bool
    {
        return $this->isDueOn($day) && $day->isAfter($this->until);
    }
}
