<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What it takes to open a system that is not there yet. */
final readonly class Opening
{
    public function __construct(
        /** In the facility's money; 0: nothing, or not known. */
        public float $price,
        /** From the decision to settled water. */
        public int $leadDays,
    ) {
    }
}
