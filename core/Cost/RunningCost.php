<?php

declare(strict_types=1);

namespace Biomegas\Cost;

/** What keeping fish costs over some time, in the facility's money. */
final readonly class RunningCost
{
    public function __construct(
        public float $food = 0.0,
        public float $water = 0.0,
        public float $power = 0.0,
    ) {
    }

    public function plus(self $other): self
    {
        return new self($this->food + $other->food, $this->water + $other->water, $this->power + $other->power);
    }

    /** So many times as much: of one day, for so many days. */
    public function times(float $factor): self
    {
        return new self($factor * $this->food, $factor * $this->water, $factor * $this->power);
    }

    public function whole(): float
    {
        return $this->food + $this->water + $this->power;
    }
}
