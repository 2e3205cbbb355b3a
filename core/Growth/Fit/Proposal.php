<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * Where importance draws are taken from: an even mixture of broad Student t
 * distributions, one about each of the given peaks. One peak serves nearly
 * every fish; lengths that contradict each other can be read in several ways,
 * and each reading needs draws of its own.
 */
final readonly class Proposal
{
    /**
     * @param  non-empty-list<Peak>  $peaks
     * @param  float  $widening  factor on the spread that each peak states
     */
    public function __construct(
        private array $peaks,
        private float $widening,
    ) {
    }

    public function draw(ProposalTable $table): DrawnParameters
    {
        $roots = array_map($this->rootOfCovariance(...), $this->peaks);
        $logAsymptotes = $logCoefficients = $logStarts = $asymptotes = $coefficients = $starts = [];
        foreach ($table->step as $s => [$a, $k, $l]) {
            $of = $s % count($this->peaks);
            [$first, $second, $third] = $roots[$of];
            $centre = $this->peaks[$of]->logParameters;
            $logAsymptotes[] = $logAsymptote = self::held($centre[0] + $first[0] * $a + $second[0] * $k + $third[0] * $l);
            $logCoefficients[] = $logCoefficient = self::held($centre[1] + $second[1] * $k + $third[1] * $l);
            $logStarts[] = $logStart = self::held($centre[2] + $third[2] * $l);
            $asymptotes[] = exp($logAsymptote);
            $coefficients[] = exp($logCoefficient);
            $starts[] = exp($logStart);
        }

        return new DrawnParameters($logAsymptotes, $logCoefficients, $logStarts, $asymptotes, $coefficients, $starts);
    }

    /**
     * @param  DrawnParameters  $at  as drawn with the table
     * @return list<float> logarithm of the density of each draw, up to a constant
     */
    public function logDensities(DrawnParameters $at, ProposalTable $table): array
    {
        $heights = array_map(fn (Peak $peak): float => $peak->precision->logDeterminant() / 2 - 3 * log($this->widening), $this->peaks);
        $densities = [];
        foreach ($table->logDensity as $s => $logDensity) {
            $densities[] = count($this->peaks) === 1
                ? $heights[0] + $logDensity
                : $this->logDensityOfMixture([$at->logAsymptote[$s], $at->logCoefficient[$s], $at->logStart[$s]], $heights);
        }

        return $densities;
    }

    /**
     * @param  array{float, float, float}  $at
     * @param  array<int, float>  $heights
     */
    private function logDensityOfMixture(array $at, array $heights): float
    {
        $logs = [];
        foreach ($this->peaks as $i => $peak) {
            $distance = $peak->squaredDistance($at) / $this->widening ** 2;
            $logs[] = $heights[$i] - (ProposalTable::DEGREES_OF_FREEDOM + 3) / 2 * log(1 + $distance / ProposalTable::DEGREES_OF_FREEDOM);
        }
        $greatest = max($logs);

        return $greatest + log(array_sum(array_map(fn (float $log): float => exp($log - $greatest), $logs)) / count($logs));
    }

    /** @return array<int, array<int, float>> widened, column by column */
    private function rootOfCovariance(Peak $peak): array
    {
        return array_map(
            fn (array $unit): array => array_map(fn (float $x): float => $this->widening * $x, $peak->precision->solveTransposed($unit)),
            [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]],
        );
    }

    /** A draw so far out that its numbers would overflow weighs nothing; held here it weighs nothing too. */
    private static function held(float $log): float
    {
        return $log > MapEstimator::FARTHEST_LOG ? MapEstimator::FARTHEST_LOG : ($log < -MapEstimator::FARTHEST_LOG ? -MapEstimator::FARTHEST_LOG : $log);
    }
}
