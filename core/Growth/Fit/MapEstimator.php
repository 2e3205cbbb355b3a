<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Numerics\Cholesky;
use Biomegas\Numerics\LeastSquaresResult;
use Biomegas\Numerics\LevenbergMarquardt;

/**
 * Finds the most probable growth of a measured fish: damped least squares on
 * logarithms with the species' prior, then on residuals squashed as the error
 * model says, so that outliers count little. A outlier can pull the plain fit into a
 * wrong valley, so when that fit is bad the search starts again with each
 * entry left out in turn.
 */
final readonly class MapEstimator
{
    private const LEFT_OUT_WEIGHT = 0.01;

    /** Below this a good fit is expected to stay; per entry, and once. */
    private const GOOD_FIT_PER_ENTRY = 1.5;

    private const GOOD_FIT_ONCE = 4.0;

    private const PRECISION_OF_A_OUTLIER = 2.0;

    /** Peaks nearer to each other than this many standard deviations are one. */
    private const APART = 1.0;

    private const ITERATIONS = 30;

    /** The draws correct what the peak leaves open, so it need not be sharp. */
    private const TOLERANCE = 1e-5;

    /** A step that leaves this range of logarithms is refused: no fish is there, and the numbers would overflow. */
    public const FARTHEST_LOG = 30.0;

    /** A search that starts full grown sees no slope: it starts this much above the longest length. */
    private const ROOM_TO_GROW = 0.1;

    private LevenbergMarquardt $search;

    public function __construct(
        private GrowthCurve $curve,
        private GrowthPrior $prior,
        /** Standard deviation of growth time after one year, in years to the half. */
        private float $processVariation,
    ) {
        $this->search = new LevenbergMarquardt(self::ITERATIONS, self::TOLERANCE);
    }

    /** @param  non-empty-list<Observation>  $observations */
    public function find(array $observations): Peak
    {
        [$start, $variances] = $this->start($observations);
        $plain = $this->plain($observations, $variances, $start);
        $best = $this->robust($observations, $variances, $plain->parameters);
        if ($plain->sumOfSquares > self::GOOD_FIT_PER_ENTRY * count($observations) + self::GOOD_FIT_ONCE) {
            foreach ($this->withoutEach($observations, $variances, $start) as $other) {
                $best = $other->sumOfSquares < $best->sumOfSquares ? $other : $best;
            }
        }

        return $this->refine($observations, $best);
    }

    /**
     * Every way to read lengths that contradict each other: with all of them,
     * and with each taken for an outlier.
     *
     * @param  non-empty-list<Observation>  $observations
     * @return non-empty-list<Peak> apart from each other
     */
    public function findAll(array $observations): array
    {
        [$start, $variances] = $this->start($observations);
        $plain = $this->plain($observations, $variances, $start);
        $peaks = [$this->refine($observations, $this->robust($observations, $variances, $plain->parameters))];
        foreach ($this->withoutEach($observations, $variances, $start) as $other) {
            $peak = $this->refine($observations, $other);
            $nearest = min(array_map(fn (Peak $known): float => $known->squaredDistance($peak->logParameters), $peaks));
            if ($nearest > self::APART ** 2) {
                $peaks[] = $peak;
            }
        }

        return $peaks;
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @return array{array<int, float>, array<int, float>} parameters to start from, and the variance of each entry
     */
    private function start(array $observations): array
    {
        $longest = max(array_map(fn (Observation $o): float => $o->logLength, $observations));

        return [
            [max($this->prior->mean[0], $longest + self::ROOM_TO_GROW), $this->prior->mean[1], $observations[0]->logLength],
            array_map(fn (Observation $o): float => $o->error ** 2, $observations),
        ];
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  array<int, float>  $variances
     * @param  array<int, float>  $start
     * @return iterable<LeastSquaresResult>
     */
    private function withoutEach(array $observations, array $variances, array $start): iterable
    {
        foreach ($variances as $left => $variance) {
            $without = $this->plain($observations, array_replace($variances, [$left => $variance / self::LEFT_OUT_WEIGHT]), $start);
            yield $this->robust($observations, $variances, $without->parameters);
        }
    }

    /**
     * With what the wandering of growth time adds to the errors.
     *
     * @param  non-empty-list<Observation>  $observations
     */
    private function refine(array $observations, LeastSquaresResult $found): Peak
    {
        $fit = $this->robust($observations, $this->withProcess($observations, $found->parameters), $found->parameters);
        [$asymptote, $coefficient, $start] = $fit->parameters;

        return new Peak([$asymptote, $coefficient, $start], $this->precision($fit));
    }

    /**
     * When every entry looks like an outlier, hardly any holds the start length;
     * the prior and the width of an outlier then stand in for the curvature.
     */
    private function precision(LeastSquaresResult $fit): Cholesky
    {
        return Cholesky::of($fit->normalMatrix) ?? Cholesky::ofDiagonal([
            1 / $this->prior->covariance[0][0],
            1 / $this->prior->covariance[1][1],
            self::PRECISION_OF_A_OUTLIER,
        ]);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  array<int, float>  $variances
     * @param  array<int, float>  $start
     */
    private function plain(array $observations, array $variances, array $start): LeastSquaresResult
    {
        return $this->search->minimise(fn (array $at): array => $this->residuals($at, $observations, fn (int $i, float $residual): array => [
            $residual / sqrt($variances[$i]),
            1 / sqrt($variances[$i]),
        ]), $start);
    }

    /**
     * @param  non-empty-list<Observation>  $observations
     * @param  array<int, float>  $variances
     * @param  array<int, float>  $start
     */
    private function robust(array $observations, array $variances, array $start): LeastSquaresResult
    {
        return $this->search->minimise(
            fn (array $at): array => $this->residuals($at, $observations, fn (int $i, float $residual): array => ErrorModel::squash($residual, $variances[$i])),
            $start,
        );
    }

    /**
     * Residuals of the prior and of each entry, with their derivatives.
     *
     * @param  array<int, float>  $at
     * @param  non-empty-list<Observation>  $observations
     * @param  callable(int, float): array{float, float}  $scaled  the residual of an entry as it counts, and its slope
     * @return array{list<float>, list<array<int, float>>}
     */
    private function residuals(array $at, array $observations, callable $scaled): array
    {
        if (max(abs($at[0]), abs($at[1]), abs($at[2])) > self::FARTHEST_LOG) {
            return [[NAN], [[0.0, 0.0, 0.0]]];
        }
        [$asymptote, $coefficient, $start] = [exp($at[0]), exp($at[1]), exp($at[2])];
        $residuals = $this->prior->residuals($at[0], $at[1]);
        $jacobian = $this->prior->jacobian();
        foreach ($observations as $i => $observation) {
            $length = $this->curve->lengthAt($start, $asymptote, $coefficient, $observation->time);
            $by = $this->curve->logJacobian($start, $asymptote, $coefficient, $observation->time);
            [$residuals[], $slope] = $scaled($i, log($length) - $observation->logLength);
            $jacobian[] = [$slope * $by[0], $slope * $by[1], $slope * $by[2]];
        }

        return [$residuals, $jacobian];
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
            [$slope] = $this->curve->relativeGrowths([$length], [$asymptote], [$coefficient]);

            return $o->error ** 2 + ($slope * $this->processVariation) ** 2 * $o->time;
        }, $observations);
    }
}
