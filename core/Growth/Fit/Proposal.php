<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * Where importance draws are taken from: a mixture of broad Student t
 * distributions, each about one peak and at one level of the pace. A level that
 * is probable gets more draws; each gets a few about the broadest peak, so that
 * no growth which it allows is out of reach.
 */
final readonly class Proposal
{
    /** The part of the draws that goes by what is believed of a level before the lengths alone. */
    private const BY_BELIEF = 0.1;

    /** The part of the draws of a level that lies about the broadest peak. */
    private const BROAD = 0.15;

    private const WIDENING = 1.15;

    private const BROAD_WIDENING = 1.5;

    /** @var list<array{int, float, Peak, float}> level, share of the draws, peak and widening */
    private array $parts;

    /**
     * @param  non-empty-list<LevelPeaks>  $readings  one for each way to read the lengths
     * @param  list<float>  $beliefs  in each level before the lengths; sum 1
     * @param  Peak|null  $broadest  that of the last level when null
     */
    public function __construct(array $readings, private array $beliefs, ?Peak $broadest = null)
    {
        $greatest = max(array_map(fn (LevelPeaks $reading): float => max([-INF, ...$reading->logEvidence]), $readings));
        $sum = 0.0;
        $weights = [];
        foreach ($readings as $r => $reading) {
            foreach ($reading->logEvidence as $level => $log) {
                $sum += $weights[$r][$level] = $beliefs[$level] * exp($log - $greatest);
            }
        }
        $parts = [];
        foreach ($readings as $r => $reading) {
            $broad = $broadest ?? $reading->peaks[count($reading->peaks) - 1];
            foreach ($reading->peaks as $level => $peak) {
                $share = (1 - self::BY_BELIEF) * $weights[$r][$level] / $sum + self::BY_BELIEF * $beliefs[$level] / count($readings);
                $parts[] = [$level, (1 - self::BROAD) * $share, $peak, self::WIDENING];
                $parts[] = [$level, self::BROAD * $share, $broad, self::BROAD_WIDENING];
            }
        }
        $this->parts = $parts;
    }

    /** @return array{DrawnParameters, list<int>} and the level of each draw */
    public function draw(ProposalTable $table): array
    {
        $of = $this->choose($table);
        $logAsymptotes = $logCoefficients = $logStarts = $levels = $roots = [];
        foreach ($table->step as $s => $step) {
            $part = $this->parts[$of[$s]];
            $roots[$of[$s]] ??= self::rootOfCovariance($part[2], $part[3]);
            $root = $roots[$of[$s]];
            $centre = $part[2]->logParameters;
            $levels[] = $part[0];
            $logAsymptotes[] = self::held($centre[0] + $root[0][0] * $step[0] + $root[1][0] * $step[1] + $root[2][0] * $step[2]);
            $logCoefficients[] = self::held($centre[1] + $root[1][1] * $step[1] + $root[2][1] * $step[2]);
            $logStarts[] = self::held($centre[2] + $root[2][2] * $step[2]);
        }

        return [DrawnParameters::at($logAsymptotes, $logCoefficients, $logStarts), $levels];
    }

    /** @return list<int> the part that each draw is taken from */
    private function choose(ProposalTable $table): array
    {
        $of = [];
        $part = 0;
        $until = $this->parts[0][1];
        foreach ($table->rising as $s) {
            while ($table->part[$s] > $until && $part < count($this->parts) - 1) {
                $until += $this->parts[++$part][1];
            }
            $of[$s] = $part;
        }

        ksort($of);

        return array_values($of);
    }

    /**
     * @param  list<int>  $levels  of each draw
     * @return list<float> of each draw the logarithm of its density over that of its level before the lengths, up to a constant
     */
    public function logDensities(DrawnParameters $at, array $levels): array
    {
        $byLevel = [];
        foreach ($this->parts as [$level, $share, $peak, $widening]) {
            $root = $peak->precision->root;
            $byLevel[$level][] = [
                $share / $this->beliefs[$level] * $root[0][0] * $root[1][1] * $root[2][2] / $widening ** 3,
                $peak->logParameters, $root, 1 / ($widening ** 2 * ProposalTable::DEGREES_OF_FREEDOM),
            ];
        }
        $densities = [];
        foreach ($levels as $s => $level) {
            $density = 0.0;
            foreach ($byLevel[$level] as $part) {
                $root = $part[2];
                $a = $at->logAsymptote[$s] - $part[1][0];
                $k = $at->logCoefficient[$s] - $part[1][1];
                $l = $at->logStart[$s] - $part[1][2];
                $first = $root[0][0] * $a + $root[1][0] * $k + $root[2][0] * $l;
                $second = $root[1][1] * $k + $root[2][1] * $l;
                $third = $root[2][2] * $l;
                $base = 1 + ($first * $first + $second * $second + $third * $third) * $part[3];
                // To the power of minus half the sum of degrees of freedom and dimensions, which is four.
                $base *= $base;
                $density += $part[0] / ($base * $base);
            }
            $densities[] = log($density);
        }

        return $densities;
    }

    /** @return array<int, array<int, float>> widened, column by column: the transposed root is the inverse of the peak's */
    private static function rootOfCovariance(Peak $peak, float $widening): array
    {
        $root = $peak->precision->root;
        $first = $widening / $root[0][0];
        $second = $widening / $root[1][1];
        $third = $widening / $root[2][2];
        $secondOfFirst = -$root[1][0] * $second / $root[0][0];

        return [[$first], [$secondOfFirst, $second], [(-$root[2][0] * $third - $root[1][0] * (-$root[2][1] * $third / $root[1][1])) / $root[0][0], -$root[2][1] * $third / $root[1][1], $third]];
    }

    /** A draw so far out that its numbers would overflow weighs nothing; held here it weighs nothing too. */
    private static function held(float $log): float
    {
        return $log > MapEstimator::FARTHEST_LOG ? MapEstimator::FARTHEST_LOG : ($log < -MapEstimator::FARTHEST_LOG ? -MapEstimator::FARTHEST_LOG : $log);
    }
}
