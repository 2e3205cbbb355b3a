<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A share that must be reached: it is said rounded up, by a name where one is near ("a third"). */
final readonly class LeastShare implements Figure
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
