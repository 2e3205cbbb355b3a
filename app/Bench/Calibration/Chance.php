<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Random\Randomizer;

/** Random numbers of a seeded source. */
final readonly class Chance
{
    private const RESOLUTION = 2 ** 53;

    /** Above 0, up to 1. */
    public static function uniform(Randomizer $random): float
    {
        return $random->getInt(1, self::RESOLUTION) / self::RESOLUTION;
    }

    /** Box and Muller (1958). */
    public static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(self::uniform($random))) * cos(2 * M_PI * self::uniform($random));
    }
}
