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

    /**
     * Worked in logarithms, so that no residual is too large.
     *
     * @param  float  $residual  logarithm of the measured over the true length
     * @param  float  $variance  of a good entry
     * @return array{float, float} log density up to a constant, and the probability that the entry is good
     */
    public static function weigh(float $residual, float $variance): array
    {
        $square = $residual * $residual / 2;
        $ofSlip = $variance + self::SLIP_VARIANCE;
        $good = log((1 - self::SLIP_SHARE) / sqrt($variance)) - $square / $variance;
        $excess = log(self::SLIP_SHARE / sqrt($ofSlip)) - $square / $ofSlip - $good;
        $odds = exp(min(700.0, $excess));

        return [$good + log1p($odds), 1 / (1 + $odds)];
    }
}
