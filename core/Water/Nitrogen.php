<?php

declare(strict_types=1);

namespace Biomegas\Water;

/**
 * The three nitrogen compounds of an aquarium. Test kits report the ion, the
 * models count nitrogen; the factors are ratios of molar masses (IUPAC atomic
 * weights: N 14.007, O 15.999, H 1.008).
 */
enum Nitrogen
{
    case Ammonia;
    case Nitrite;
    case Nitrate;

    /** Mass of the ion (NH4, NO2, NO3) over that of its nitrogen. */
    public function ionPerNitrogen(): float
    {
        return match ($this) {
            self::Ammonia => 18.039 / 14.007,
            self::Nitrite => 46.005 / 14.007,
            self::Nitrate => 62.004 / 14.007,
        };
    }

    public function asIon(float $nitrogen): float
    {
        return $nitrogen * $this->ionPerNitrogen();
    }

    public function asNitrogen(float $ion): float
    {
        return $ion / $this->ionPerNitrogen();
    }
}
