<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\LeastSquares\Cholesky;

/**
 * Fits the growth of one fish: importance sampling about the most probable
 * growth, with a broad Student t so that the tails are covered. Growth time
 * itself wanders a little; a scalar filter follows it inside each draw.
 */
final readonly class FishFit
{
    /** Standard deviation of growth time after one year of it, in years to the half. */
    public const PROCESS_VARIATION = 0.03;

    public const DRAWS = 512;

    private const FALLBACK_DRAWS = 2000;

    private const LEAST_EFFECTIVE_DRAWS = 50;

    private const PROPOSAL_WIDENING = 1.15;

    private const SECOND_ROUND_WIDENING = 1.5;

    /** Asymptote, coefficient, start, and the way growth time wanders. */
    private const NORMALS_OF_PRIOR = 4;

    public function __construct(
        private GrowthCurve $curve,
        private GrowthPrior $prior,
        private float $processVariation = self::PROCESS_VARIATION,
        private int $draws = self::DRAWS,
    ) {
    }

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    public function fit(array $observations): GrowthDraws
    {
        if ($observations === []) {
            return $this->fromPrior($this->draws, null, 0.0);
        }
        $peak = (new PeakFinder($this->curve, $this->prior, $this->processVariation))->find($observations);
        $centre = $peak->logParameters;
        $round = $this->sample($observations, $centre, $peak->precision, self::PROPOSAL_WIDENING);
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $precision = $round->precision();
            $round = $precision === null
                ? $round
                : $this->sample($observations, $round->mean(), $precision, self::SECOND_ROUND_WIDENING);
        }
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $last = $observations[count($observations) - 1];

            return $this->fromPrior(self::FALLBACK_DRAWS, $last, $last->time);
        }

        return $round->toDraws($this->curve, $observations[count($observations) - 1]->time, $this->processVariation);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  array{float, float, float}  $centre
     */
    private function sample(array $observations, array $centre, Cholesky $precision, float $widening): SampledRound
    {
        $round = new SampledRound(count($observations));
        $logHeight = $precision->logDeterminant() / 2 - 3 * log($widening);
        [$first, $second, $third] = array_map($precision->solveTransposed(...), [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]);
        $filter = new DeviationFilter($this->curve, $observations, $this->processVariation);
        foreach (ProposalTable::of($this->draws) as [$a, $k, $l, $logDensity, $deviationNormal, $wanderNormal]) {
            $at = [
                $centre[0] + $widening * ($first[0] * $a + $second[0] * $k + $third[0] * $l),
                $centre[1] + $widening * ($second[1] * $k + $third[1] * $l),
                $centre[2] + $widening * $third[2] * $l,
            ];
            if (max(abs($at[0]), abs($at[1]), abs($at[2])) > PeakFinder::FARTHEST_LOG) {
                continue;
            }
            $logCorrection = $this->prior->logDensity($at[0], $at[1]) - $logHeight - $logDensity;
            $round->add($at, $filter->follow($at), $logCorrection, $deviationNormal, $wanderNormal);
        }

        return $round;
    }

    /** What the kind alone says, from the last length on where there is one. */
    private function fromPrior(int $draws, ?Observation $last, float $lastTime): GrowthDraws
    {
        $starts = $asymptotes = $coefficients = $deviations = $wander = $weights = [];
        foreach (NormalTable::of($draws, self::NORMALS_OF_PRIOR) as $z) {
            $logStart = $last === null
                ? $this->prior->logStart + $this->prior->logStartSpread * $z[2]
                : $last->logLength + $last->error * $z[2];
            $starts[] = exp($logStart);
            [$logAsymptote, $logCoefficient] = $this->prior->draw($z[0], $z[1]);
            $asymptotes[] = exp(max($logStart, $logAsymptote));
            $coefficients[] = exp($logCoefficient);
            $deviations[] = -$lastTime;
            $wander[] = $z[3];
            $weights[] = 1 / $draws;
        }

        return new GrowthDraws(
            $this->curve, $starts, $asymptotes, $coefficients, $deviations, $wander,
            $weights, [], $lastTime, $this->processVariation, isWide: $last !== null,
        );
    }
}
