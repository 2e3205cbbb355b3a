<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A temperature of water. */
final readonly class Temperature implements Figure
{
    private function __construct(
        /** °C. */
        public float $celsius,
    ) {
    }

    public static function ofCelsius(float $value): self
    {
        return new self($value);
    }
}
