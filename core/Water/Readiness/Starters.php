<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Nitrification\FilterPast;

/** Fish that run the filter of a new home in, and leave before its stock comes. */
final readonly class Starters
{
    public function __construct(
        public LocalDate $came,
        /** Null: they live in it still. */
        public ?LocalDate $left,
        /** What they make now, mg N/l/d. */
        public float $load,
        public FilterPast $past,
    ) {
    }
}
