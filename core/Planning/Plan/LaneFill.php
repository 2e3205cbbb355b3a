<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** How full a home is on a day: shares of the floor in its fullest layer, of what its water bears, and of what its filter does. */
final readonly class LaneFill
{
    public function __construct(
        public LocalDate $date,
        public float $floor,
        public float $water,
        /** Null: its media are not known. */
        public ?float $filter,
    ) {
    }
}
