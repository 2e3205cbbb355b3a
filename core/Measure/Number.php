<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A figure without a unit, with as many decimals as it is worth. */
final readonly class Number implements Figure
{
    private function __construct(
        /** As it is. */
        public float $value,
    ) {
    }

    public static function of(float $value): self
    {
        return new self($value);
    }
}
