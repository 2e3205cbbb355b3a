<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/** How far two waters are apart, or how far they may be. */
final readonly class Difference
{
    public function __construct(
        /** °C */
        public float $celsius,
        public float $ph,
        /** Natural logarithm of the ratio of hardness or conductivity, whichever is larger. */
        public float $log,
    ) {
    }

    public function isWithin(self $other): bool
    {
        return $this->celsius <= $other->celsius + 1e-9 && $this->ph <= $other->ph + 1e-9 && $this->log <= $other->log + 1e-9;
    }

    public function times(float $factor): self
    {
        return new self($factor * $this->celsius, $factor * $this->ph, $factor * $this->log);
    }

    /** The stricter of both in each. */
    public function least(self $other): self
    {
        return new self(min($this->celsius, $other->celsius), min($this->ph, $other->ph), min($this->log, $other->log));
    }
}
