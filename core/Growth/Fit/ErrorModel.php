<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * How measured lengths scatter about the true ones, in logarithms: mostly as
 * their method says, now and then by a gross slip (wrong unit, wrong fish).
 */
final readonly class ErrorModel
{
    /** Logarithm of the share of good entries, 95 in a hundred. */
    public const LOG_GOOD_SHARE = -0.051293294387550536;

    /** Logarithm of the share of slips, 5 in a hundred. */
    public const LOG_SLIP_SHARE = -2.995732273553991;

    /** Variance that a slip adds. */
    public const SLIP_VARIANCE = 0.7 ** 2;

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
        $good = self::LOG_GOOD_SHARE - log($variance) / 2 - $square / $variance;
        $slip = self::LOG_SLIP_SHARE - log($ofSlip) / 2 - $square / $ofSlip;
        // The smaller is taken against the larger, or a slip of a sharp method would overflow.
        $odds = exp(-abs($good - $slip));

        return $good > $slip
            ? [$good + log1p($odds), 1 / (1 + $odds)]
            : [$slip + log1p($odds), $odds / (1 + $odds)];
    }
}
