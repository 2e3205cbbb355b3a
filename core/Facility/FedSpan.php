<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** Days on which it was written down what a fish ate. */
final readonly class FedSpan
{
    public function __construct(
        public LocalDate $from,
        /** The first day after them. */
        public LocalDate $until,
        /** What it ate, of its ration by the book. */
        public float $eaten,
    ) {
    }
}
