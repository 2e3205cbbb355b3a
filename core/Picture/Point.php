<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** A point of a picture: pixels from its upper left corner. */
final readonly class Point
{
    public function __construct(
        public float $x,
        public float $y,
    ) {
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }
}
