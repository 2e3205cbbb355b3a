<?php

declare(strict_types=1);

namespace Biomegas\Housing\Verdict;

use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Manner;
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
        /** Length of the smallest over the mean; null: as far below it as the largest is above. */
        private ?float $smallest = null,
        public Sexes $sexes = new Sexes,
        public Manner $manner = new Manner,
    ) {
    }

    /** From 1, never bothers anyone, to 5, kills: as its species, or as it has shown itself. */
    public function temperament(): int
    {
        return $this->manner->temper->of($this->species->habits->temperament);
    }

    public function longest(): float
    {
        return $this->length * $this->largest;
    }

    public function shortest(): float
    {
        return $this->length * ($this->smallest ?? 1 / $this->largest);
    }

    /** What its members need of a floor, in squared millimetres of length. */
    public function squaredLength(): float
    {
        return $this->count * $this->length ** 2;
    }

    /** Like one that is nobody of the facility. */
    public function onlyThoughtOf(): self
    {
        return new self($this->name, $this->species, $this->length, $this->count, $this->largest, null, false, $this->smallest, $this->sexes, $this->manner);
    }

    /** So many of them. */
    public function some(int $count): self
    {
        return $this->changed(count: $count);
    }

    /** When their mean is so long, millimetres. */
    public function ofLength(float $length): self
    {
        return $this->changed(length: $length);
    }

    /** With the largest so many times longer than it likely is, and the smallest shorter. */
    public function widerBy(float $ratio): self
    {
        return $this->changed(wider: $ratio);
    }

    private function changed(?float $length = null, ?int $count = null, float $wider = 1.0): self
    {
        return new self(
            $this->name, $this->species, $length ?? $this->length, $count ?? $this->count, $this->largest * $wider,
            $this->fish, $this->isFood, ($this->smallest ?? 1 / $this->largest) / $wider, $this->sexes, $this->manner,
        );
    }
}
