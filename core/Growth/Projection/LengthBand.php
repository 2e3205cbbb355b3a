<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Numerics\WeightedQuantiles;

/** A length in millimetres with its 80 % range: 10, 50 and 90 % quantiles. */
final readonly class LengthBand
{
    public const LOW = 0.1;

    public const LIKELY = 0.5;

    public const HIGH = 0.9;

    public function __construct(
        public float $low,
        public float $likely,
        public float $high,
    ) {
    }

    public static function of(WeightedQuantiles $lengths): self
    {
        return new self($lengths->at(self::LOW), $lengths->at(self::LIKELY), $lengths->at(self::HIGH));
    }

    /** This share of the way from one band to another. */
    public function toward(self $other, float $share): self
    {
        $between = fn (float $here, float $there): float => $here + $share * ($there - $here);

        return new self($between($this->low, $other->low), $between($this->likely, $other->likely), $between($this->high, $other->high));
    }
}
