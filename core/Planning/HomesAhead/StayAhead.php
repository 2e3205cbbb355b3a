<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\SystemName;
use Biomegas\Housing\Verdict\Verdict;

/** One home in the chain that a fish needs. */
final readonly class StayAhead
{
    /** A move for less is not worth its stress, unless it is meant as a stopgap. Common practice, no published source. */
    public const SHORTEST_DAYS = 42;

    public function __construct(
        public SystemName $system,
        public LocalDate $from,
        /** When to move it on: at a share of the limit, before it must, or as planned. Null: not within the horizon. */
        public ?LocalDate $move,
        /** The first day on which the home may hold it no longer. Null: not within the horizon. */
        public ?LocalDate $leave,
        /** Likely length at the end of the stay, or as far as can be seen; millimetres. */
        public float $lengthAtEnd,
        /** It fits as a grown one too, and so does everybody there. */
        public bool $isForLife,
        /** What ends the stay, if the home does. */
        public ?Verdict $because,
        /** @var list<Verdict> what must be put right there first */
        public array $toMend,
        /** @var list<string> names of residents with whom it may not get on */
        public array $company = [],
        /** It is written down already. */
        public bool $isPlanned = false,
    ) {
    }

    /** The same, planned to end on this day. */
    public function endingOn(LocalDate $day, float $length): self
    {
        return new self($this->system, $this->from, $day, $this->leave, $length, false, $this->because, $this->toMend, $this->company, $this->isPlanned);
    }

    /** So short that it is a stopgap. */
    public function isInterim(): bool
    {
        return $this->leave !== null && $this->from->daysUntil($this->leave) < self::SHORTEST_DAYS;
    }
}
