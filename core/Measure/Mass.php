<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** How heavy something is. */
final readonly class Mass implements Figure
{
    private function __construct(
        public float $grams,
    ) {
    }

    public static function ofGrams(float $value): self
    {
        return new self($value);
    }
}
