<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Pace\PaceLevel;
use Biomegas\Growth\Pace\PaceLevels;
use Biomegas\Growth\Pace\PaceStep;

/**
 * An extended Kalman filter in each draw: how far its growth has run ahead of
 * its curve, and at which pace it goes on. A length that may be an outlier
 * corrects both by the probability that it is none.
 */
final readonly class PaceFilter
{
    /** From this exponent on an entry is surely an outlier, and its exponential would overflow. */
    private const OVERFLOW = 600.0;

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    public function __construct(
        private GrowthCurve $curve,
        private array $observations,
    ) {
    }

    /** @param  list<int>  $levels  of each draw its place in PaceLevels */
    public function follow(DrawnParameters $at, array $levels): FollowedDraws
    {
        $n = count($levels);
        $draws = new FollowedDraws(
            array_fill(0, $n, count($this->observations) * ErrorModel::LOG_GOOD_SHARE),
            array_fill(0, $n, 0.0), array_fill(0, $n, 0.0), array_fill(0, $n, 0.0), array_fill(0, $n, 0.0),
            array_map(fn (int $level): float => PaceLevels::all()[$level]->spread ** 2, $levels),
            [],
        );
        $before = 0.0;
        foreach ($this->observations as $observation) {
            if ($observation->time > $before) {
                $this->run($draws, $levels, $observation->time - $before);
                $before = $observation->time;
            }
            $draws->outlier[] = $this->correct($draws, $at, $levels, $observation);
        }

        return $draws;
    }

    /**
     * @param  list<int>  $levels
     * @param  float  $years  growth time, above zero
     */
    private function run(FollowedDraws $draws, array $levels, float $years): void
    {
        $steps = array_map(fn (PaceLevel $level): PaceStep => PaceStep::over($years, $level->spread), PaceLevels::all());
        $kept = $steps[0]->kept;
        $ahead = $steps[0]->ahead;
        $deviations = $paces = $ofDeviations = $ofBoths = $ofPaces = [];
        foreach ($levels as $s => $level) {
            $step = $steps[$level];
            $pace = $draws->pace[$s];
            $both = $draws->ofBoth[$s];
            $ofPace = $draws->ofPace[$s];
            $deviations[] = $draws->deviation[$s] + $ahead * $pace;
            $paces[] = $kept * $pace;
            $ofDeviations[] = $draws->ofDeviation[$s] + 2 * $ahead * $both + $ahead * $ahead * $ofPace + $step->ofDeviation;
            $ofBoths[] = $kept * ($both + $ahead * $ofPace) + $step->ofBoth;
            $ofPaces[] = $kept * $kept * $ofPace + $step->ofPace;
        }
        $draws->deviation = $deviations;
        $draws->pace = $paces;
        $draws->ofDeviation = $ofDeviations;
        $draws->ofBoth = $ofBoths;
        $draws->ofPace = $ofPaces;
    }

    /**
     * @param  list<int>  $levels
     * @return list<float> for each draw the probability that the entry is an outlier
     */
    private function correct(FollowedDraws $draws, DrawnParameters $at, array $levels, Observation $observation): array
    {
        $ofMethod = array_map(fn (PaceLevel $level): float => $level->lengthVariance($observation->error), PaceLevels::all());
        $time = $observation->time;
        $logLength = $observation->logLength;
        $own = [];
        foreach ($draws->deviation as $deviation) {
            $own[] = $time + $deviation > 0.0 ? $time + $deviation : 0.0;
        }
        $lengths = $this->curve->lengthsAt($at->start, $at->asymptote, $at->coefficient, $own);
        $slopes = $this->curve->relativeGrowths($lengths, $at->asymptote, $at->coefficient);
        $logLikelihoods = $outlier = $deviations = $paces = $ofDeviations = $ofBoths = $ofPaces = [];
        foreach ($slopes as $s => $slope) {
            $ofDeviation = $draws->ofDeviation[$s];
            $ofBoth = $draws->ofBoth[$s];
            $residual = $logLength - log($lengths[$s]);
            $spread = $ofMethod[$levels[$s]] + $slope * $slope * $ofDeviation;
            // ErrorModel::weigh, written out with one logarithm: these lines run more often than any other.
            $precision = 1 / $spread;
            $ofOutlier = 1 / ($spread + ErrorModel::OUTLIER_VARIANCE);
            $square = $residual * $residual / 2;
            $advantage = $square * ($precision - $ofOutlier);
            if ($advantage < self::OVERFLOW) {
                $odds = ErrorModel::OUTLIER_ODDS * sqrt($ofOutlier * $spread) * exp($advantage);
                $logLikelihoods[] = $draws->logLikelihood[$s] + log((1 + $odds) * sqrt($precision)) - $square * $precision;
                $share = 1 / (1 + $odds);
            } else {
                $logLikelihoods[] = $draws->logLikelihood[$s] + log(ErrorModel::OUTLIER_ODDS * sqrt($ofOutlier)) - $square * $ofOutlier;
                $share = 0.0;
            }
            $outlier[] = 1 - $share;
            $weight = $slope * $precision;
            $pull = $share * $weight * $residual;
            $deviations[] = $draws->deviation[$s] + $pull * $ofDeviation;
            $paces[] = $draws->pace[$s] + $pull * $ofBoth;
            // What the mixture of good and outlier leaves of the variance.
            $take = $share * $weight * ($slope - (1 - $share) * $weight * $residual * $residual);
            $left = $ofDeviation - $take * $ofDeviation * $ofDeviation;
            // Rounding can take it a hair below zero.
            $ofDeviations[] = $left > 0.0 ? $left : 0.0;
            $ofBoths[] = $ofBoth - $take * $ofDeviation * $ofBoth;
            $ofPaces[] = $draws->ofPace[$s] - $take * $ofBoth * $ofBoth;
        }
        $draws->logLikelihood = $logLikelihoods;
        $draws->deviation = $deviations;
        $draws->pace = $paces;
        $draws->ofDeviation = $ofDeviations;
        $draws->ofBoth = $ofBoths;
        $draws->ofPace = $ofPaces;

        return $outlier;
    }
}
