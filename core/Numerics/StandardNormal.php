<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** The standard normal distribution. */
final readonly class StandardNormal
{
    private const CENTRE = 0.425;

    private const FAR_TAIL = 5.0;

    /** Share below z: Abramowitz and Stegun (1964), 26.2.17, to 8e-8. */
    public static function shareBelow(float $z): float
    {
        $t = 1 / (1 + 0.2316419 * abs($z));
        $tail = self::density($z) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $z > 0.0 ? 1 - $tail : $tail;
    }

    public static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }

    /** The z below which this share lies, above 0 and below 1: Wichura (1988), Applied Statistics 37, 477-484, AS 241 PPND7, to 1e-7. */
    public static function quantile(float $share): float
    {
        $q = $share - 0.5;
        if (abs($q) <= self::CENTRE) {
            $r = 0.180625 - $q * $q;

            return $q * (((59.109374720 * $r + 159.29113202) * $r + 50.434271938) * $r + 3.3871327179)
                / (((67.187563600 * $r + 78.757757664) * $r + 17.895169469) * $r + 1);
        }
        $r = sqrt(-log($q < 0.0 ? $share : 1 - $share));
        $z = $r <= self::FAR_TAIL ? self::nearTail($r - 1.6) : self::farTail($r - self::FAR_TAIL);

        return $q < 0.0 ? -$z : $z;
    }

    private static function nearTail(float $r): float
    {
        return (((0.17023821103 * $r + 1.3067284816) * $r + 2.7568153900) * $r + 1.4234372777)
            / ((0.12021132975 * $r + 0.73700164250) * $r + 1);
    }

    private static function farTail(float $r): float
    {
        return (((0.017337203997 * $r + 0.42868294337) * $r + 3.0812263860) * $r + 6.6579051150)
            / ((0.012258202635 * $r + 0.24197894225) * $r + 1);
    }
}
