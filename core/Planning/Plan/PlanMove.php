<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;

/** A move that a plan proposes. */
final readonly class PlanMove
{
    public function __construct(
        public Fish $fish,
        public System $from,
        public System $to,
        public LocalDate $on,
        /** Likely length on that day, millimetres. */
        public float $length,
        /** @var array{LocalDate|null, LocalDate|null, LocalDate|null} early, likely and late day on which it outgrows the home it leaves; null: not as far as is looked */
        public array $window,
        /** @var non-empty-list<Finding> */
        public array $reasons,
        /** @var list<array{Finding, LocalDate}> what must be done first, each with the day by which it must be begun, by day */
        public array $prepare = [],
        /** @var list<Fish> who come to the home it leaves */
        public array $frees = [],
        /** Two or more change places on that day: it waits in a tub meanwhile. */
        public bool $waitsInTub = false,
        /** Millimetres: it moves for its size, and may go as soon as it is that long. Null: the day counts. */
        public ?float $atLength = null,
    ) {
    }
}
