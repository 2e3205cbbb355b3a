<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** A count, and how many were believed there on that day. */
final readonly class CountedDay
{
    /** An estimate of which nobody said how rough it is: less than this share of the expected says something. Judgement. */
    private const LOW_ESTIMATE = 0.8;

    public function __construct(
        public LocalDate $date,
        public CountKind $kind,
        public int $number,
        public int $expected,
        /** Of an estimate; null: not said. */
        public ?int $giveOrTake = null,
    ) {
    }

    public function isLow(): bool
    {
        return match ($this->kind) {
            CountKind::AllCaught => false,
            CountKind::AtLeast => $this->number < $this->expected,
            CountKind::Estimate => $this->giveOrTake === null ? $this->number < self::LOW_ESTIMATE * $this->expected : $this->number + $this->giveOrTake < $this->expected,
        };
    }
}
