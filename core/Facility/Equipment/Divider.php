<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

use Biomegas\Calendar\LocalDate;

/** A wall across a pool that makes two of it for a time. */
final readonly class Divider
{
    public function __construct(
        public string $pool,
        /** Millimetres from the left end of the pool as it is drawn from above. */
        public float $at,
        public LocalDate $from,
        /** The day it comes out; null: it stays. */
        public ?LocalDate $until = null,
    ) {
    }

    public function standsOn(LocalDate $date): bool
    {
        return ! $this->from->isAfter($date) && ($this->until === null || $this->until->isAfter($date));
    }
}
