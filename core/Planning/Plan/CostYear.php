<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Cost\RunningCost;

/** What a plan costs in one year of the calendar, in the facility's money. */
final readonly class CostYear
{
    public function __construct(
        public int $year,
        public RunningCost $running,
        /** Of homes that must be begun in it. */
        public float $openings,
    ) {
    }

    public function whole(): float
    {
        return $this->running->whole() + $this->openings;
    }
}
