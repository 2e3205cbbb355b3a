<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** The mean of two curves with the same start, asymptote and coefficient: for species that grow nearly straight at first. */
final readonly class AverageCurve implements GrowthCurve
{
    /** A quarter of an hour, in years. */
    private const TIME_TOLERANCE = 3e-5;

    /** Times beyond all lives lie further apart than numbers can tell: halving them must end. */
    private const MOST_HALVINGS = 100;

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

    /** Between the times of its two curves, by halving. */
    public function timesUntil(float $length, array $starts, array $asymptotes, array $coefficients): array
    {
        $others = $this->second->timesUntil($length, $starts, $asymptotes, $coefficients);
        $times = [];
        foreach ($this->first->timesUntil($length, $starts, $asymptotes, $coefficients) as $i => $age) {
            [$low, $high] = [min($age, $others[$i]), max($age, $others[$i])];
            for ($halvings = 0; $halvings < self::MOST_HALVINGS && $high !== INF && $high - $low > self::TIME_TOLERANCE; $halvings++) {
                $middle = ($low + $high) / 2;
                if ($this->lengthAt($starts[$i], $asymptotes[$i], $coefficients[$i], $middle) >= $length) {
                    $high = $middle;
                } else {
                    $low = $middle;
                }
            }
            $times[] = $high;
        }

        return $times;
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
