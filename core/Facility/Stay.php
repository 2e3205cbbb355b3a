<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** A fish in a home from one date until another. */
final readonly class Stay
{
    public function __construct(
        public string $system,
        public LocalDate $from,
        /** The day it left; null while it is there. */
        public ?LocalDate $until = null,
    ) {
    }
}
