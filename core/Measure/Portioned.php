<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** Water that is measured out by hand: said in a unit small enough to pour. */
final readonly class Portioned implements Figure
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
