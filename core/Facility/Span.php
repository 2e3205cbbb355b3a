<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** From a low to a high value of something, both included. */
final readonly class Span
{
    public function __construct(
        public float $low,
        public float $high,
    ) {
    }

    public function contains(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }

    /** What both have; null when they do not meet. */
    public function shared(self $other): ?self
    {
        $low = max($this->low, $other->low);
        $high = min($this->high, $other->high);

        return $low > $high ? null : new self($low, $high);
    }
}
