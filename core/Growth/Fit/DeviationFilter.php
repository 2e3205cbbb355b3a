<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * Follows how far the growth time of one draw runs ahead or behind, from
 * length to length, and weighs how well the lengths agree with it: a scalar
 * Kalman filter whose observations may be slips. It runs once for every draw
 * of every fish, so it works on plain numbers.
 */
final readonly class DeviationFilter
{
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
        foreach ($observations as $one) {
            $entries[] = [$one->time, $processVariation ** 2 * ($one->time - $before), $one->logLength, $one->error ** 2];
            $before = $one->time;
        }
        $this->entries = $entries;
    }

    /**
     * @param  array{float, float, float}  $at  logarithms of asymptote, coefficient and start
     * @return array{float, float, float, list<float>} log likelihood, deviation in years and its standard deviation
     *                                                 at the last length, probability of each entry to be a slip
     */
    public function follow(array $at): array
    {
        [$asymptote, $coefficient, $start] = [exp($at[0]), exp($at[1]), exp($at[2])];
        [$logLikelihood, $deviation, $variance, $slips] = [0.0, 0.0, 0.0, []];
        foreach ($this->entries as [$time, $process, $logLength, $ofMethod]) {
            $variance += $process;
            $own = $time + $deviation;
            $length = $this->curve->lengthAt($start, $asymptote, $coefficient, $own > 0.0 ? $own : 0.0);
            $slope = $this->curve->relativeGrowth($length, $asymptote, $coefficient);
            $residual = $logLength - log($length);
            $spread = $ofMethod + $slope * $slope * $variance;
            // ErrorModel::weigh, written out: this line runs more often than any other.
            $square = $residual * $residual / 2;
            $ofSlip = $spread + ErrorModel::SLIP_VARIANCE;
            $good = ErrorModel::LOG_GOOD_SHARE - log($spread) / 2 - $square / $spread;
            $slip = ErrorModel::LOG_SLIP_SHARE - log($ofSlip) / 2 - $square / $ofSlip;
            $odds = exp($good > $slip ? $slip - $good : $good - $slip);
            $logLikelihood += ($good > $slip ? $good : $slip) + log1p($odds);
            $share = ($good > $slip ? 1.0 : $odds) / (1 + $odds);
            $slips[] = 1 - $share;
            $gain = $slope * $variance / $spread;
            $correction = $gain * $residual;
            $deviation += $share * $correction;
            $variance -= $share * ($gain * $slope * $variance - (1 - $share) * $correction * $correction);
            // Rounding can take it a hair below zero.
            $variance = $variance > 0.0 ? $variance : 0.0;
        }

        return [$logLikelihood, $deviation, sqrt($variance), $slips];
    }
}
