<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** The two inside sizes of a home, said in one unit. */
final readonly class Sides implements Figure
{
    private function __construct(
        /** Millimetres. */
        public float $length,
        /** Millimetres. */
        public float $width,
    ) {
    }

    public static function ofMillimetres(float $length, float $width): self
    {
        return new self($length, $width);
    }
}
