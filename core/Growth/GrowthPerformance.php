<?php

declare(strict_types=1);

namespace Biomegas\Growth;

/**
 * Growth performance index of Pauly and Munro (1984), Fishbyte 2(1), 21: the
 * same for fish of a species that trade adult size against speed.
 */
final readonly class GrowthPerformance
{
    private const MM_PER_CM = 10.0;

    /**
     * @param  float  $coefficient  per year
     * @param  float  $asymptote  millimetres
     */
    public static function index(float $coefficient, float $asymptote): float
    {
        return log10($coefficient) + 2 * log10($asymptote / self::MM_PER_CM);
    }
}
