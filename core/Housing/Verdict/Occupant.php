<?php

declare(strict_types=1);

namespace Biomegas\Housing\Verdict;

use Biomegas\Facility\Species;

/** One fish or shoal in a home on some day. */
final readonly class Occupant
{
    public function __construct(
        public string $name,
        public Species $species,
        /** Mean length on that day, millimetres. */
        public float $length,
        public int $count = 1,
        /** Length of the largest over the mean. */
        public float $largest = 1.0,
        /** Its key in the facility; null for one that is only thought of. */
        public ?string $fish = null,
        /** Kept to be eaten: nobody minds when it is. */
        public bool $isFood = false,
    ) {
    }

    public function longest(): float
    {
        return $this->length * $this->largest;
    }

    /** What its members need of a floor, in squared millimetres of length. */
    public function squaredLength(): float
    {
        return $this->count * $this->length ** 2;
    }
}
