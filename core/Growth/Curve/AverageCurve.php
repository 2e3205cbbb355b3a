<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** The mean of two curves with the same start, asymptote and coefficient: for species that grow nearly straight at first. */
final readonly class AverageCurve implements GrowthCurve
{
    /** A quarter of an hour, in years. */
    private const TIME_TOLERANCE = 3e-5;

    /** Times beyond all lives lie further apart than numbers can tell: the search must end. */
    private const MOST_STEPS = 100;

    public function __construct(
        private GrowthCurve $first,
        private GrowthCurve $second,
    ) {
    }

    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float
    {
        return ($this->first->lengthAt($start, $asymptote, $coefficient, $time)
            + $this->second->lengthAt($start, $asymptote, $coefficient, $time)) / 2;
    }

    public function lengthsAt(array $starts, array $asymptotes, array $coefficients, array $times): array
    {
        return self::means(
            $this->first->lengthsAt($starts, $asymptotes, $coefficients, $times),
            $this->second->lengthsAt($starts, $asymptotes, $coefficients, $times),
        );
    }

    public function timesUntil(float $length, array $starts, array $asymptotes, array $coefficients): array
    {
        $others = $this->second->timesUntil($length, $starts, $asymptotes, $coefficients);
        $times = [];
        foreach ($this->first->timesUntil($length, $starts, $asymptotes, $coefficients) as $i => $age) {
            [$low, $high] = [min($age, $others[$i]), max($age, $others[$i])];
            $times[] = $high === INF || $high - $low <= self::TIME_TOLERANCE ? $high : $this->timeBetween($low, $high, $length, $starts[$i], $asymptotes[$i], $coefficients[$i]);
        }

        return $times;
    }

    /**
     * Between the times of its two curves, by false position; where one end
     * stands still its weight is halved (the Illinois algorithm: Dowell and
     * Jarratt 1971, BIT 11, 168-174), which takes a third of the looks that
     * halving the span takes.
     */
    private function timeBetween(float $low, float $high, float $length, float $start, float $asymptote, float $coefficient): float
    {
        $missing = $length - $this->lengthAt($start, $asymptote, $coefficient, $low);
        $beyond = $this->lengthAt($start, $asymptote, $coefficient, $high) - $length;
        $wasBeyond = null;
        for ($step = 0; $step < self::MOST_STEPS && $high - $low > self::TIME_TOLERANCE; $step++) {
            $sum = $missing + $beyond;
            $time = $sum > 0.0 ? $low + ($high - $low) * $missing / $sum : ($low + $high) / 2;
            $difference = $this->lengthAt($start, $asymptote, $coefficient, $time) - $length;
            if (abs($difference) * ($high - $low) <= $sum * self::TIME_TOLERANCE) {
                return $time;
            }
            if ($difference >= 0.0) {
                [$high, $beyond] = [$time, $difference];
                $missing = $wasBeyond === true ? $missing / 2 : $missing;
                $wasBeyond = true;
            } else {
                [$low, $missing] = [$time, -$difference];
                $beyond = $wasBeyond === false ? $beyond / 2 : $beyond;
                $wasBeyond = false;
            }
        }

        return $high;
    }

    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array
    {
        $length = $this->first->lengthAt($start, $asymptote, $coefficient, $time);
        $otherLength = $this->second->lengthAt($start, $asymptote, $coefficient, $time);
        $share = $length / ($length + $otherLength);
        $slopes = $this->first->logJacobian($start, $asymptote, $coefficient, $time);
        $otherSlopes = $this->second->logJacobian($start, $asymptote, $coefficient, $time);

        return [
            $share * $slopes[0] + (1 - $share) * $otherSlopes[0],
            $share * $slopes[1] + (1 - $share) * $otherSlopes[1],
            $share * $slopes[2] + (1 - $share) * $otherSlopes[2],
        ];
    }

    /** Both curves taken at the mean length: near enough for the small term that uses it. */
    public function relativeGrowths(array $lengths, array $asymptotes, array $coefficients): array
    {
        return self::means(
            $this->first->relativeGrowths($lengths, $asymptotes, $coefficients),
            $this->second->relativeGrowths($lengths, $asymptotes, $coefficients),
        );
    }

    /**
     * @param  list<float>  $ones
     * @param  list<float>  $others
     * @return list<float>
     */
    private static function means(array $ones, array $others): array
    {
        $means = [];
        foreach ($ones as $i => $one) {
            $means[] = ($one + $others[$i]) / 2;
        }

        return $means;
    }
}
