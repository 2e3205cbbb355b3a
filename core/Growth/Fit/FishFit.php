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

    private const DEGREES_OF_FREEDOM = 5;

    /** Three for the parameters, one for each degree of freedom, two for the wandering of growth time. */
    private const NORMALS_PER_DRAW = 3 + self::DEGREES_OF_FREEDOM + 2;

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
        foreach (NormalTable::of($this->draws, self::NORMALS_PER_DRAW) as $z) {
            $chiSquare = 0.0;
            for ($i = 0; $i < self::DEGREES_OF_FREEDOM; $i++) {
                $chiSquare += $z[3 + $i] ** 2;
            }
            $distance = $z[0] ** 2 + $z[1] ** 2 + $z[2] ** 2;
            $scale = $widening * sqrt(self::DEGREES_OF_FREEDOM / $chiSquare);
            $at = [
                $centre[0] + $scale * ($first[0] * $z[0] + $second[0] * $z[1] + $third[0] * $z[2]),
                $centre[1] + $scale * ($second[1] * $z[1] + $third[1] * $z[2]),
                $centre[2] + $scale * $third[2] * $z[2],
            ];
            if (max(abs($at[0]), abs($at[1]), abs($at[2])) > PeakFinder::FARTHEST_LOG) {
                continue;
            }
            $logProposal = $logHeight - (self::DEGREES_OF_FREEDOM + 3) / 2 * log(1 + $distance / $chiSquare);
            $round->add($at, $filter->follow($at), $this->prior->logDensity($at[0], $at[1]) - $logProposal, $z[8], $z[9]);
        }

        return $round;
    }

    /** What the kind alone says, from the last length on where there is one. */
    private function fromPrior(int $draws, ?Observation $last, float $lastTime): GrowthDraws
    {
        $starts = $asymptotes = $coefficients = $deviations = $wander = $weights = [];
        foreach (NormalTable::of($draws, self::NORMALS_PER_DRAW) as $z) {
            $logStart = $last === null
                ? $this->prior->logStart + $this->prior->logStartSpread * $z[2]
                : $last->logLength + $last->error * $z[2];
            $starts[] = exp($logStart);
            [$logAsymptote, $logCoefficient] = $this->prior->draw($z[0], $z[1]);
            $asymptotes[] = exp(max($logStart, $logAsymptote));
            $coefficients[] = exp($logCoefficient);
            $deviations[] = -$lastTime;
            $wander[] = $z[9];
            $weights[] = 1 / $draws;
        }

        return new GrowthDraws(
            $this->curve, $starts, $asymptotes, $coefficients, $deviations, $wander,
            $weights, [], $lastTime, $this->processVariation, isWide: $last !== null,
        );
    }
}
