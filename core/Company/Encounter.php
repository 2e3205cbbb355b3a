<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Calendar\LocalDate;

/** An act of aggression as one of the two lived it. */
final readonly class Encounter
{
    public function __construct(
        /** Name of the other. */
        public string $other,
        public bool $isVictim,
        public Harm $harm,
        public LocalDate $date,
    ) {
    }
}
