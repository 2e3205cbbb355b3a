<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\LeastSquares\Cholesky;
use Biomegas\Growth\LeastSquares\LeastSquaresResult;
use Biomegas\Growth\LeastSquares\LevenbergMarquardt;

/**
 * Finds the most probable growth of a measured fish: damped least squares on
 * logarithms with the kind's prior, reweighted so that slips count little. A
 * slip can pull the plain fit into a wrong valley, so when that fit is bad the
 * search starts again with each entry left out in turn.
 */
final readonly class PeakFinder
{
    private const REWEIGHTINGS = 6;

    private const LEFT_OUT_WEIGHT = 0.01;

    /** Below this a good fit is expected to stay; per entry, and once. */
    private const GOOD_FIT_PER_ENTRY = 1.5;

    private const GOOD_FIT_ONCE = 4.0;

    private const PRECISION_OF_A_SLIP = 2.0;

    /** A step that leaves this range of logarithms is refused: no fish is there, and the numbers would overflow. */
    public const FARTHEST_LOG = 30.0;

    public function __construct(
        private GrowthCurve $curve,
        private GrowthPrior $prior,
        /** Standard deviation of growth time after one year, in years to the half. */
        private float $processVariation,
    ) {
    }

    /** @param  non-empty-list<Observation>  $observations */
    public function find(array $observations): Peak
    {
        $byMethod = array_map(fn (Observation $o): float => $o->error ** 2, $observations);
        $first = $this->findWithVariances($observations, $byMethod);

        return $this->findWithVariances($observations, $this->withProcess($observations, $first->logParameters), $first);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  list<float>  $variances
     */
    private function findWithVariances(array $observations, array $variances, ?Peak $from = null): Peak
    {
        $start = $from === null
            ? [...$this->prior->mean, $observations[0]->logLength]
            : $from->logParameters;
        $even = array_fill(0, count($observations), 1.0);
        $plain = $this->fit($observations, $variances, $even, $start);
        $best = $this->reweight($observations, $variances, $plain->parameters, $even);
        if ($plain->sumOfSquares > self::GOOD_FIT_PER_ENTRY * count($observations) + self::GOOD_FIT_ONCE) {
            foreach (array_keys($observations) as $left) {
                $weights = $even;
                $weights[$left] = self::LEFT_OUT_WEIGHT;
                $other = $this->reweight($observations, $variances, $start, $weights);
                $best = $other->objective < $best->objective ? $other : $best;
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  list<float>  $variances
     * @param  array<int, float>  $parameters
     * @param  array<int, float>  $weights
     */
    private function reweight(array $observations, array $variances, array $parameters, array $weights): Peak
    {
        for ($round = 0; $round < self::REWEIGHTINGS; $round++) {
            $fit = $this->fit($observations, $variances, $weights, $parameters);
            $parameters = $fit->parameters;
            $weights = [];
            foreach ($observations as $i => $observation) {
                [, $weights[]] = ErrorModel::weigh($this->residual($observation, $parameters), $variances[$i]);
            }
        }

        return $this->peakAt($observations, $variances, $weights, $parameters);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  list<float>  $variances
     * @param  array<int, float>  $weights
     * @param  array<int, float>  $parameters
     */
    private function peakAt(array $observations, array $variances, array $weights, array $parameters): Peak
    {
        $fit = $this->fit($observations, $variances, $weights, $parameters);
        $objective = -$this->prior->logDensity($fit->parameters[0], $fit->parameters[1]);
        foreach ($observations as $i => $observation) {
            $objective -= ErrorModel::weigh($this->residual($observation, $fit->parameters), $variances[$i])[0];
        }
        [$asymptote, $coefficient, $start] = $fit->parameters;

        return new Peak([$asymptote, $coefficient, $start], $this->precision($fit), $objective);
    }

    /**
     * When every entry looks like a slip, hardly any holds the start length;
     * the prior and the width of a slip then stand in for the curvature.
     */
    private function precision(LeastSquaresResult $fit): Cholesky
    {
        return Cholesky::of($fit->normalMatrix) ?? Cholesky::ofDiagonal([
            1 / $this->prior->covariance[0][0],
            1 / $this->prior->covariance[1][1],
            self::PRECISION_OF_A_SLIP,
        ]);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  list<float>  $variances
     * @param  array<int, float>  $weights
     * @param  array<int, float>  $start
     */
    private function fit(array $observations, array $variances, array $weights, array $start): LeastSquaresResult
    {
        $scales = [];
        foreach ($variances as $i => $variance) {
            $scales[] = sqrt($weights[$i] / $variance);
        }

        return (new LevenbergMarquardt(30, 1e-8))->minimise(
            fn (array $at): array => $this->scaledResiduals($at, $observations, $scales),
            $start,
        );
    }

    /**
     * Residuals of the prior and of each entry, with their derivatives.
     *
     * @param  array<int, float>  $at
     * @param  non-empty-list<Observation>  $observations
     * @param  list<float>  $scales  one over the standard deviation of each entry
     * @return array{list<float>, list<array<int, float>>}
     */
    private function scaledResiduals(array $at, array $observations, array $scales): array
    {
        if (max(abs($at[0]), abs($at[1]), abs($at[2])) > self::FARTHEST_LOG) {
            return [[NAN], [[0.0, 0.0, 0.0]]];
        }
        [$asymptote, $coefficient, $start] = [exp($at[0]), exp($at[1]), exp($at[2])];
        $residuals = $this->prior->residuals($at[0], $at[1]);
        $jacobian = $this->prior->jacobian();
        foreach ($observations as $i => $observation) {
            $length = $this->curve->lengthAt($start, $asymptote, $coefficient, $observation->time);
            $slope = $this->curve->logJacobian($start, $asymptote, $coefficient, $observation->time);
            $residuals[] = $scales[$i] * (log($length) - $observation->logLength);
            $jacobian[] = [$scales[$i] * $slope[0], $scales[$i] * $slope[1], $scales[$i] * $slope[2]];
        }

        return [$residuals, $jacobian];
    }

    /** @param  array<int, float>  $logParameters */
    private function residual(Observation $observation, array $logParameters): float
    {
        [$asymptote, $coefficient, $start] = array_map(exp(...), $logParameters);

        return $observation->logLength - log($this->curve->lengthAt($start, $asymptote, $coefficient, $observation->time));
    }

    /**
     * Variances with what the wandering of growth time adds.
     *
     * @param  non-empty-list<Observation>  $observations
     * @param  array<int, float>  $logParameters
     * @return list<float>
     */
    private function withProcess(array $observations, array $logParameters): array
    {
        [$asymptote, $coefficient, $start] = array_map(exp(...), $logParameters);

        return array_map(function (Observation $o) use ($asymptote, $coefficient, $start): float {
            $length = $this->curve->lengthAt($start, $asymptote, $coefficient, $o->time);
            $slope = $this->curve->relativeGrowth($length, $asymptote, $coefficient);

            return $o->error ** 2 + ($slope * $this->processVariation) ** 2 * $o->time;
        }, $observations);
    }
}
