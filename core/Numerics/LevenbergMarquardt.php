<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

use Closure;
use InvalidArgumentException;

/**
 * Minimises a sum of squared residuals by Levenberg's and Marquardt's damped
 * Gauss-Newton steps: Marquardt (1963), Journal of the Society for Industrial
 * and Applied Mathematics 11, 431-441. Damping scales with the diagonal, so
 * that the units of the parameters do not matter.
 */
final readonly class LevenbergMarquardt
{
    private const FIRST_DAMPING = 1e-3;

    private const LEAST_DAMPING = 1e-14;

    private const MOST_DAMPING = 1e12;

    private const DAMPING_UP = 8.0;

    private const DAMPING_DOWN = 5.0;

    public function __construct(
        private int $maxIterations = 60,
        /** Relative fall of the sum of squares below which the search has converged. */
        private float $tolerance = 1e-10,
    ) {
    }

    /**
     * @param  Closure(array<int, float>): array{array<int, float>, array<int, array<int, float>>}  $model
     *                                                                                          residuals, and for each its derivatives by the parameters
     * @param  array<int, float>  $start
     *
     * @throws InvalidArgumentException when the residuals at the start are not finite
     */
    public function minimise(Closure $model, array $start): LeastSquaresResult
    {
        $parameters = $start;
        [$residuals, $jacobian] = $model($parameters);
        $sum = self::sumOfSquares($residuals);
        if (! is_finite($sum)) {
            throw new InvalidArgumentException('The residuals at the start are not finite.');
        }
        $damping = self::FIRST_DAMPING;
        $stop = StopReason::IterationLimit;
        for ($iteration = 0; $iteration < $this->maxIterations; $iteration++) {
            [$normal, $gradient] = self::normalEquations($residuals, $jacobian, count($parameters));
            $accepted = false;
            while (! $accepted && $damping <= self::MOST_DAMPING) {
                $trial = self::step($parameters, $normal, $gradient, $damping);
                [$trialResiduals, $trialJacobian] = $model($trial);
                $trialSum = self::sumOfSquares($trialResiduals);
                $accepted = is_finite($trialSum) && $trialSum <= $sum;
                $damping = $accepted ? max(self::LEAST_DAMPING, $damping / self::DAMPING_DOWN) : $damping * self::DAMPING_UP;
            }
            if (! $accepted) {
                $stop = StopReason::Stalled;
                break;
            }
            $fall = $sum - $trialSum;
            [$parameters, $residuals, $jacobian, $sum] = [$trial, $trialResiduals, $trialJacobian, $trialSum];
            if ($fall <= $this->tolerance * $sum) {
                $stop = StopReason::Converged;
                break;
            }
        }
        [$normal] = self::normalEquations($residuals, $jacobian, count($parameters));

        return new LeastSquaresResult($parameters, $sum, $normal, $iteration, $stop);
    }

    /** @param  array<int, float>  $residuals */
    private static function sumOfSquares(array $residuals): float
    {
        $sum = 0.0;
        foreach ($residuals as $residual) {
            $sum += $residual * $residual;
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $residuals
     * @param  array<int, array<int, float>>  $jacobian
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private static function normalEquations(array $residuals, array $jacobian, int $n): array
    {
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        $gradient = array_fill(0, $n, 0.0);
        foreach ($jacobian as $i => $row) {
            for ($a = 0; $a < $n; $a++) {
                $gradient[$a] += $row[$a] * $residuals[$i];
                for ($b = 0; $b <= $a; $b++) {
                    $normal[$a][$b] += $row[$a] * $row[$b];
                }
            }
        }
        for ($a = 0; $a < $n; $a++) {
            for ($b = 0; $b < $a; $b++) {
                $normal[$b][$a] = $normal[$a][$b];
            }
        }

        return [$normal, $gradient];
    }

    /**
     * @param  array<int, float>  $parameters
     * @param  array<int, array<int, float>>  $normal
     * @param  array<int, float>  $gradient
     * @return array<int, float>
     */
    private static function step(array $parameters, array $normal, array $gradient, float $damping): array
    {
        foreach ($normal as $i => $row) {
            $normal[$i][$i] = $row[$i] * (1 + $damping) + ($row[$i] === 0.0 ? $damping : 0.0);
        }
        $step = Cholesky::of($normal)?->solve($gradient);
        if ($step === null) {
            return array_map(fn (): float => NAN, $parameters);
        }

        return array_map(fn (float $value, float $by): float => $value - $by, $parameters, $step);
    }
}
