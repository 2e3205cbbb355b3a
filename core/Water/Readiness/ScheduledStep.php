<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** A step with the days on which it must be done, counted back from the wanted day. */
final readonly class ScheduledStep
{
    public function __construct(
        public string $key,
        public Finding $what,
        /** Null: the keeper's own. */
        public ?Finding $why,
        public int $days,
        public LocalDate $begin,
        public LocalDate $end,
        /** Null: not done yet. */
        public ?LocalDate $done,
        /** The records show that it was done; nobody ticked it. */
        public bool $isSeen = false,
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
