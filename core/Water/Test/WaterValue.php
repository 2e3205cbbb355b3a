<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Finding\Figure;

/** A value of a water test with what it is of, said in the unit of its quantity. */
final readonly class WaterValue implements Figure
{
    private function __construct(
        public Quantity $quantity,
        public float $value,
    ) {
    }

    public static function of(Quantity $quantity, float $value): self
    {
        return new self($quantity, $value);
    }
}
