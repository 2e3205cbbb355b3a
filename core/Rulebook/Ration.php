<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** How a fish is fed. */
enum Ration: string
{
    case Sparse = 'sparse';
    case Steady = 'steady';
    case Several = 'several';

    /** Factor on growth time. An assumption, no published source: steady feeding is the measure. */
    public function growthFactor(): float
    {
        return match ($this) {
            self::Sparse => 0.75,
            self::Steady => 1.0,
            self::Several => 1.2,
        };
    }
}
