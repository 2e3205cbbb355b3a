<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\Figure;
use InvalidArgumentException;

/** A length of a fish or of a home: above zero and finite, held in millimetres. */
final readonly class Length implements Figure
{
    private function __construct(
        /** Finite and above zero. */
        private float $millimetres,
    ) {
    }

    /** @throws InvalidArgumentException when the value is not finite and above zero */
    public static function ofMillimetres(float $value): self
    {
        if (! is_finite($value) || $value <= 0.0) {
            throw new InvalidArgumentException("A length must be a finite number of millimetres above 0, not {$value}.");
        }

        return new self($value);
    }

    public static function of(float $value, LengthUnit $unit): self
    {
        return self::ofMillimetres($value * $unit->millimetres());
    }

    public function millimetres(): float
    {
        return $this->millimetres;
    }

    public function in(LengthUnit $unit): float
    {
        return $this->millimetres / $unit->millimetres();
    }
}
