<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Calendar\LocalDate;

/** How far a prepared move has come, and what it asks for on a day. */
final readonly class SheetProgress
{
    public function __construct(
        public SheetState $state,
        public LocalDate $plannedOn,
        /** Planned end of an interim stay; null: it is for good. */
        public ?LocalDate $until = null,
        public bool $isTimeOut = false,
        /** Any of its fish still lives where it was moved to. */
        public bool $isAnyStillThere = false,
    ) {
    }

    /** Its day has come, and it is not finished. */
    public function isDueOn(LocalDate $today): bool
    {
        return $this->state->isOpen() && ! $this->plannedOn->isAfter($today);
    }

    /** Its day was before. */
    public function isLateOn(LocalDate $today): bool
    {
        return $this->state->isOpen() && $this->plannedOn->isBefore($today);
    }

    /** The interim stay should have ended by then, and goes on. */
    public function isStayOverOn(LocalDate $today): bool
    {
        return $this->state === SheetState::Finished && $this->until !== null && ! $this->until->isAfter($today) && $this->isAnyStillThere;
    }
}
