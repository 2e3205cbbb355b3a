<?php

declare(strict_types=1);

namespace Biomegas\Water;

/**
 * The share of ammonia that is not ionised: the part that harms gills.
 * Emerson, Russo, Lund & Thurston (1975), J. Fish. Res. Board Can. 32,
 * 2379-2383: pKa = 0.09018 + 2729.92 / T. Their table is reproduced with
 * T = °C + 273.2.
 */
final readonly class UnionisedAmmonia
{
    private const KELVIN_OF_THE_TABLE = 273.2;

    /** From here on gills suffer, mg N/l. Common practice, no published source. */
    public const CAUTION = 0.02;

    /** Harm within a day or two, mg N/l. Common practice, no published source. */
    public const HARM = 0.05;

    /** 0 to 1. */
    public static function share(float $ph, float $celsius): float
    {
        $pKa = 0.09018 + 2729.92 / ($celsius + self::KELVIN_OF_THE_TABLE);

        return 1 / (1 + 10 ** ($pKa - $ph));
    }
}
