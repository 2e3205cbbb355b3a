<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;

/** A fish for which neither the plan nor any mend here keeps all rules, and the cheapest home that would. */
final readonly class Unsolved
{
    public function __construct(
        public Fish $fish,
        public System $system,
        public LocalDate $from,
        /** Days out of rule that are left to it there. */
        public int $days,
        public System $home,
        /** The day on which to begin to build it. */
        public LocalDate $begin,
    ) {
    }
}
