<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;

/** A length as it is measured and typed: said to the tenth of the keeper's unit. */
final readonly class MeasuredFigure implements Figure
{
    private function __construct(public Length $length)
    {
    }

    public static function of(Length $length): self
    {
        return new self($length);
    }
}
