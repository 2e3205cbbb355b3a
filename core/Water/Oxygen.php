<?php

declare(strict_types=1);

namespace Biomegas\Water;

/** Dissolved oxygen: what water can hold, and how long a supply lasts without air. */
final readonly class Oxygen
{
    /** What active fish use at 25 °C, mg per kg and hour. Common practice, from memory, no published source. */
    private const USE_AT_25 = 300.0;

    /** Use doubles with every ten degrees. Common practice, from memory. */
    private const PER_TEN_DEGREES = 2.0;

    /** Below this most fish are in trouble, mg/l. Common practice, no published source. */
    public const TROUBLE = 4.0;

    /** How full of oxygen running water is when the pump stops. Judgement. */
    private const RUNNING_SATURATION = 0.85;

    private const MINUTES_PER_HOUR = 60.0;

    private const GRAMS_PER_KG = 1000.0;

    /**
     * Oxygen in mg/l of water in balance with moist air at one atmosphere.
     * Benson & Krause (1984), Limnol. Oceanogr. 29, 620-632, as tabled in
     * Standard Methods 4500-O.
     *
     * @param  float  $salinity  in parts per thousand
     */
    public static function saturation(float $celsius, float $salinity = 0.0): float
    {
        $kelvin = $celsius + 273.15;
        $fresh = -139.34411 + 1.575701e5 / $kelvin - 6.642308e7 / $kelvin ** 2 + 1.243800e10 / $kelvin ** 3 - 8.621949e11 / $kelvin ** 4;

        return exp($fresh - $salinity * (1.7674e-2 - 10.754 / $kelvin + 2140.7 / $kelvin ** 2));
    }

    /** mg an hour. */
    public static function usedPerHour(float $massGrams, float $celsius): float
    {
        return self::USE_AT_25 * $massGrams / self::GRAMS_PER_KG * self::PER_TEN_DEGREES ** (($celsius - 25) / 10);
    }

    /**
     * Minutes until fish without any air are in trouble, the surface not
     * counted; infinite without fish.
     *
     * @param  float|null  $start  mg/l at the beginning; null: saturated less a little, as running water is
     */
    public static function minutesWithoutAir(float $litres, float $massGrams, float $celsius, ?float $start = null): float
    {
        if ($massGrams <= 0.0) {
            return INF;
        }
        $start ??= self::RUNNING_SATURATION * self::saturation($celsius);

        return max(0.0, $start - self::TROUBLE) * $litres / self::usedPerHour($massGrams, $celsius) * self::MINUTES_PER_HOUR;
    }
}
