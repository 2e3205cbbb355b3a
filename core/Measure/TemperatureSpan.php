<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** From one temperature of water to another. */
final readonly class TemperatureSpan implements Figure
{
    private function __construct(
        /** °C. */
        public float $low,
        /** °C. */
        public float $high,
    ) {
    }

    public static function ofCelsius(float $low, float $high): self
    {
        return new self($low, $high);
    }
}
