<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

/** What bacteria live on. Surfaces are usual figures of makers, from memory; half of what is claimed for porous stone, for its pores clog. */
enum FilterMedia: string
{
    case Sponge = 'sponge';
    case Mat = 'mat';
    case Carriers = 'carriers';
    case PorousStone = 'porous-stone';
    case Gravel = 'gravel';

    /** Square metres in each litre of media. */
    public function surfacePerLitre(): float
    {
        return match ($this) {
            self::Sponge => 0.8,
            self::Mat => 0.3,
            self::Carriers => 0.5,
            self::PorousStone => 0.6,
            self::Gravel => 0.2,
        };
    }
}
