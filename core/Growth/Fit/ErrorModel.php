<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * How measured lengths scatter about the true ones, in logarithms: mostly as
 * their method says, now and then by a gross outlier (wrong unit, wrong fish).
 */
final readonly class ErrorModel
{
    /** Logarithm of the share of good entries, 95 in a hundred. */
    public const LOG_GOOD_SHARE = -0.051293294387550536;

    /** Logarithm of the share of outliers, 5 in a hundred. */
    public const LOG_OUTLIER_SHARE = -2.995732273553991;

    /** Outliers for each good entry. */
    public const OUTLIER_ODDS = 0.05 / 0.95;

    /** Variance that an outlier adds. */
    public const OUTLIER_VARIANCE = 0.7 ** 2;

    /** Squares of residuals below this share of their variance: a difference of densities would be lost in rounding. */
    private const SMALL = 1e-6;

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
        $ofOutlier = $variance + self::OUTLIER_VARIANCE;
        $good = self::LOG_GOOD_SHARE - log($variance) / 2 - $square / $variance;
        $outlier = self::LOG_OUTLIER_SHARE - log($ofOutlier) / 2 - $square / $ofOutlier;
        // The smaller is taken against the larger, or an outlier of a sharp method would overflow.
        $odds = exp(-abs($good - $outlier));

        return $good > $outlier
            ? [$good + log1p($odds), 1 / (1 + $odds)]
            : [$outlier + log1p($odds), $odds / (1 + $odds)];
    }

    /**
     * The residual as least squares should see it: half its square is the
     * negative log density, counted from the best possible, so that an outlier
     * hardly pulls.
     *
     * @return array{float, float} the squashed residual, and its derivative by the residual
     */
    public static function squash(float $residual, float $variance): array
    {
        [$logDensity, $good] = self::weigh($residual, $variance);
        $pull = $good / $variance + (1 - $good) / ($variance + self::OUTLIER_VARIANCE);
        if ($residual * $residual < self::SMALL * $variance) {
            return [$residual * sqrt($pull), sqrt($pull)];
        }
        $squashed = sqrt(2 * (self::weigh(0.0, $variance)[0] - $logDensity));

        return [$residual > 0.0 ? $squashed : -$squashed, abs($residual) * $pull / $squashed];
    }
}
