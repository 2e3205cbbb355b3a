<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A volume of water. */
final readonly class Volume implements Figure
{
    private function __construct(
        /** Litres. */
        public float $litres,
    ) {
    }

    public static function ofLitres(float $value): self
    {
        return new self($value);
    }
}
