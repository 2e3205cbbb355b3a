<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * How measured lengths scatter about the true ones, in logarithms: mostly as
 * their method says, now and then by a gross slip (wrong unit, wrong fish).
 */
final readonly class ErrorModel
{
    private const SLIP_SHARE = 0.05;

    /** Variance that a slip adds. */
    private const SLIP_VARIANCE = 0.7 ** 2;

    private const ROOT_TWO_PI = 2.5066282746310002;

    /** Density of a good entry with this residual, times its share. */
    public static function good(float $residual, float $variance): float
    {
        return (1 - self::SLIP_SHARE) * exp(-$residual * $residual / (2 * $variance)) / (self::ROOT_TWO_PI * sqrt($variance));
    }

    /** Density of a slip with this residual, times its share. */
    public static function slip(float $residual, float $variance): float
    {
        $variance += self::SLIP_VARIANCE;

        return self::SLIP_SHARE * exp(-$residual * $residual / (2 * $variance)) / (self::ROOT_TWO_PI * sqrt($variance));
    }
}
