<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Housing\Verdict\Verdict;

/** When a home may hold a fish no longer, and why: enough to weigh homes against each other. */
final readonly class EndOfStay
{
    public function __construct(
        /** The first day on which it may not stay. Null: not within the horizon. */
        public ?LocalDate $leave,
        public ?Verdict $because,
    ) {
    }

    public function lastsUntil(LocalDate $day): bool
    {
        return $this->leave === null || ! $this->leave->isBefore($day);
    }

    public function outlasts(?StayAhead $before): bool
    {
        return $before?->leave === null || $this->leave === null || $this->leave->isAfter($before->leave);
    }

    /** The day as it sorts: no end comes after all. */
    public function order(): string
    {
        return $this->leave?->toIso() ?? '9999';
    }
}
