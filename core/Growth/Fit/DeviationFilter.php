<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * Follows how far the growth time of one draw runs ahead or behind, from
 * length to length, and weighs how well the lengths agree with it: a scalar
 * Kalman filter whose observations may be slips.
 */
final readonly class DeviationFilter
{
    /** @param  list<Observation>  $observations */
    public function __construct(
        private GrowthCurve $curve,
        private array $observations,
        private float $processVariation,
    ) {
    }

    /**
     * @param  array{float, float, float}  $at  logarithms of asymptote, coefficient and start
     * @return array{float, float, float, list<float>} log likelihood, deviation in years and its standard deviation
     *                                                 at the last length, probability of each entry to be a slip
     */
    public function follow(array $at): array
    {
        [$asymptote, $coefficient, $start] = [exp($at[0]), exp($at[1]), exp($at[2])];
        [$logLikelihood, $deviation, $variance, $time, $slips] = [0.0, 0.0, 0.0, 0.0, []];
        foreach ($this->observations as $observation) {
            $variance += $this->processVariation ** 2 * ($observation->time - $time);
            $time = $observation->time;
            $length = $this->curve->lengthAt($start, $asymptote, $coefficient, max(0.0, $time + $deviation));
            $slope = $this->curve->relativeGrowth($length, $asymptote, $coefficient);
            $residual = $observation->logLength - log($length);
            $spread = $observation->error ** 2 + $slope * $slope * $variance;
            [$logDensity, $share] = ErrorModel::weigh($residual, $spread);
            $logLikelihood += $logDensity;
            $slips[] = 1 - $share;
            $gain = $slope * $variance / $spread;
            $correction = $gain * $residual;
            $deviation += $share * $correction;
            // Rounding can take the variance a hair below zero.
            $variance = max(0.0, $variance - $share * $gain * $slope * $variance + $share * (1 - $share) * $correction ** 2);
        }

        return [$logLikelihood, $deviation, sqrt($variance), $slips];
    }
}
