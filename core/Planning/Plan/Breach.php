<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Verdict;

/** A time for which a rule is broken, plan or no plan. */
final readonly class Breach
{
    public function __construct(
        public Fish $fish,
        public System $system,
        public LocalDate $from,
        /** The first day on which it is not broken any more. */
        public LocalDate $until,
        public Verdict $verdict,
    ) {
    }

    public function days(): int
    {
        return $this->from->daysUntil($this->until);
    }
}
