<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** So many times as much: "1.8 times". */
final readonly class Times implements Figure
{
    private function __construct(
        public float $factor,
    ) {
    }

    public static function of(float $value): self
    {
        return new self($value);
    }
}
