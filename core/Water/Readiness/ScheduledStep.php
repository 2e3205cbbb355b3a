<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;

/** A step with the days on which it must be done, counted back from the wanted day. */
final readonly class ScheduledStep
{
    public function __construct(
        public Step $step,
        public LocalDate $begin,
        public LocalDate $end,
        /** Null: not done yet. */
        public ?LocalDate $done,
    ) {
    }

    public function isLateOn(LocalDate $today): bool
    {
        return $this->done === null && $this->end->isBefore($today);
    }

    public function isDueOn(LocalDate $today): bool
    {
        return $this->done === null && ! $this->begin->isAfter($today);
    }
}
