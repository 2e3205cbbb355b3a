<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** How much of what a home holds a fish has reached on a day: 1 is the length up to which it fits. */
final readonly class LanePoint
{
    public function __construct(
        public LocalDate $date,
        public float $low,
        public float $likely,
        public float $high,
        /** Likely length, millimetres. */
        public float $length,
    ) {
    }
}
