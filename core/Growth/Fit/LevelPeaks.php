<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Pace\PaceLevels;

/** The most probable growth of one fish at each level of the pace, and how probable its lengths are at each. */
final readonly class LevelPeaks
{
    /**
     * @param  list<Peak>  $peaks  by level
     * @param  list<float>  $logEvidence  by level, up to a constant that is the same for all
     */
    private function __construct(
        public array $peaks,
        public array $logEvidence,
    ) {
    }

    /** @param  non-empty-list<Observation>  $observations */
    public static function about(Peak $base, GrowthCurve $curve, GrowthPrior $prior, array $observations): self
    {
        $byBase = new LinearPace($curve, $prior, $observations, $base->logParameters);
        $peaks = [];
        foreach (PaceLevels::bySpread() as $levels) {
            // Errors hardly move the peak: the curve of one serves all of its spread.
            $near = new LinearPace($curve, $prior, $observations, $byBase->under($levels[PaceLevels::USUAL_ERROR])[0]);
            foreach ($levels as $level) {
                [$at, $covariance] = $near->under($level);
                $peaks[] = Peak::normal($at, $covariance) ?? $base;
            }
        }

        return new self($peaks, self::weigh($peaks, $curve, $prior, $observations));
    }

    /**
     * Laplace's approximation.
     *
     * @param  list<Peak>  $peaks
     * @param  non-empty-list<Observation>  $observations
     * @return list<float>
     */
    private static function weigh(array $peaks, GrowthCurve $curve, GrowthPrior $prior, array $observations): array
    {
        $at = DrawnParameters::at(...array_map(fn (int $i): array => array_map(fn (Peak $peak): float => $peak->logParameters[$i], $peaks), [0, 1, 2]));
        $followed = (new PaceFilter($curve, $observations))->follow($at, array_keys($peaks));
        $logPriors = $prior->logDensities($at->logAsymptote, $at->logCoefficient);

        return array_map(
            fn (Peak $peak, float $logLikelihood, float $logPrior): float => $logLikelihood + $logPrior - $peak->precision->logDeterminant() / 2,
            $peaks, $followed->logLikelihood, $logPriors,
        );
    }

    /**
     * Asymptote and coefficient over all levels as one normal about their mean.
     *
     * @param  list<float>  $shares  belief in each level before the lengths
     */
    public function asOne(array $shares): Peak
    {
        $greatest = max([-INF, ...$this->logEvidence]);
        $beliefs = array_map(fn (float $log, float $share): float => $share * exp($log - $greatest), $this->logEvidence, $shares);
        $sum = array_sum($beliefs);
        $mean = [0.0, 0.0, 0.0];
        foreach ($beliefs as $k => $belief) {
            foreach ($mean as $i => $_) {
                $mean[$i] += $belief / $sum * $this->peaks[$k]->logParameters[$i];
            }
        }
        $covariance = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ($beliefs as $k => $belief) {
            $own = $this->peaks[$k]->precision->inverse();
            foreach ([0, 1, 2] as $i) {
                foreach ([0, 1, 2] as $j) {
                    $covariance[$i][$j] += $belief / $sum * ($own[$i][$j] + ($this->peaks[$k]->logParameters[$i] - $mean[$i]) * ($this->peaks[$k]->logParameters[$j] - $mean[$j]));
                }
            }
        }

        return Peak::normal($mean, $covariance) ?? $this->peaks[(int) array_search($greatest, $this->logEvidence, true)];
    }
}
