<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\RunningCost;

/** What one month of a plan costs, in the facility's money. */
final readonly class CostMonth
{
    public function __construct(
        /** Its first day that is looked at. */
        public LocalDate $from,
        public int $days,
        public RunningCost $running,
        /** Of homes that must be begun in it. */
        public float $openings,
    ) {
    }
}
