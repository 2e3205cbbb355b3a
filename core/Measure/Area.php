<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** An area of floor. */
final readonly class Area implements Figure
{
    private function __construct(
        /** Square millimetres. */
        public float $squareMillimetres,
    ) {
    }

    public static function ofSquareMillimetres(float $value): self
    {
        return new self($value);
    }
}
