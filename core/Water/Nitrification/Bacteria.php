<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/**
 * What the two groups of bacteria in a filter can turn over at most, at 25 °C
 * and per litre of the system: mg N/l/d of ammonia and of nitrite.
 */
final readonly class Bacteria
{
    public function __construct(
        public float $ammonia,
        public float $nitrite,
    ) {
    }

    /** What comes with dust, hands and fish into a new filter. */
    public static function ofNewFilter(): self
    {
        return new self(0.01, 0.004);
    }

    public function times(float $share): self
    {
        return new self($share * $this->ammonia, $share * $this->nitrite);
    }

    public function and(self $other): self
    {
        return new self($this->ammonia + $other->ammonia, $this->nitrite + $other->nitrite);
    }

    /** Half of the way that they grow by doubling. */
    public function halfwayTo(self $other): self
    {
        return new self(sqrt($this->ammonia * $other->ammonia), sqrt($this->nitrite * $other->nitrite));
    }

    public function orAtLeast(self $other): self
    {
        return new self(max($this->ammonia, $other->ammonia), max($this->nitrite, $other->nitrite));
    }
}
