<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;

/** What was given once, of one food. */
final readonly class Meal
{
    public function __construct(
        public LocalDate $date,
        /** Grams, as dry food. */
        public float $given,
        /** Of what was given. */
        public float $eatenShare,
        /** Share of protein of it, as dry food. */
        public float $protein,
        /** In the facility's money; null: not known. */
        public ?float $cost = null,
    ) {
    }

    /** Grams, as dry food. */
    public function eaten(): float
    {
        return $this->given * $this->eatenShare;
    }
}
