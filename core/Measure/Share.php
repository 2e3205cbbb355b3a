<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A share of a whole: 0.25 is a quarter. */
final readonly class Share implements Figure
{
    private function __construct(
        /** 0 is nothing, 1 all of it. */
        public float $share,
    ) {
    }

    public static function of(float $value): self
    {
        return new self($value);
    }
}
