<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * Follows how far the growth time of each draw runs ahead or behind, from
 * length to length, and weighs how well the lengths agree with it: a scalar
 * Kalman filter whose observations may be outliers. All draws are followed
 * together, entry by entry, on plain lists of numbers: nothing in a projection
 * runs more often.
 */
final readonly class KalmanFilter
{
    /** An exponent that is not exceeded: a fish so far off weighs nothing in any case. */
    private const OVERFLOW = 600.0;

    /** @var list<array{float, float, float, float}> growth time, process variance since the one before, log length, variance of the method */
    private array $entries;

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    public function __construct(
        private GrowthCurve $curve,
        array $observations,
        float $processVariation,
    ) {
        $entries = [];
        $before = 0.0;
        foreach ($observations as $observation) {
            $entries[] = [$observation->time, $processVariation ** 2 * ($observation->time - $before), $observation->logLength, $observation->error ** 2];
            $before = $observation->time;
        }
        $this->entries = $entries;
    }

    public function follow(DrawnParameters $at): FollowedDraws
    {
        $logLikelihoods = array_fill(0, count($at->start), count($this->entries) * ErrorModel::LOG_GOOD_SHARE);
        $deviations = $variances = array_fill(0, count($at->start), 0.0);
        $outliers = [];
        foreach ($this->entries as [$time, $process, $logLength, $ofMethod]) {
            $own = [];
            foreach ($deviations as $deviation) {
                $own[] = $time + $deviation > 0.0 ? $time + $deviation : 0.0;
            }
            $lengths = $this->curve->lengthsAt($at->start, $at->asymptote, $at->coefficient, $own);
            $slopes = $this->curve->relativeGrowths($lengths, $at->asymptote, $at->coefficient);
            $ofEntry = [];
            foreach ($slopes as $s => $slope) {
                $variance = $variances[$s] + $process;
                $residual = $logLength - log($lengths[$s]);
                $spread = $ofMethod + $slope * $slope * $variance;
                // ErrorModel::weigh, written out with one logarithm: these lines run more often than any other.
                $precision = 1 / $spread;
                $ofOutlier = 1 / ($spread + ErrorModel::OUTLIER_VARIANCE);
                $square = $residual * $residual / 2;
                $advantage = $square * ($precision - $ofOutlier);
                $odds = ErrorModel::OUTLIER_ODDS * sqrt($ofOutlier * $spread) * exp($advantage < self::OVERFLOW ? $advantage : self::OVERFLOW);
                $logLikelihoods[$s] += log((1 + $odds) * sqrt($precision)) - $square * $precision;
                $share = 1 / (1 + $odds);
                $ofEntry[] = 1 - $share;
                $gain = $slope * $variance * $precision;
                $correction = $gain * $residual;
                $deviations[$s] += $share * $correction;
                $variance -= $share * ($gain * $slope * $variance - (1 - $share) * $correction * $correction);
                // Rounding can take it a hair below zero.
                $variances[$s] = $variance > 0.0 ? $variance : 0.0;
            }
            $outliers[] = $ofEntry;
        }

        return new FollowedDraws($logLikelihoods, $deviations, $variances, $outliers);
    }
}
