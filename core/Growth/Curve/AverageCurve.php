<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** The mean of two curves with the same start, asymptote and coefficient: for kinds that grow nearly straight at first. */
final readonly class AverageCurve implements GrowthCurve
{
    public function __construct(
        private GrowthCurve $one,
        private GrowthCurve $other,
    ) {
    }

    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float
    {
        return ($this->one->lengthAt($start, $asymptote, $coefficient, $time)
            + $this->other->lengthAt($start, $asymptote, $coefficient, $time)) / 2;
    }

    public function lengthsAt(float $start, float $asymptote, float $coefficient, array $times): array
    {
        return array_map(
            fn (float $one, float $other): float => ($one + $other) / 2,
            $this->one->lengthsAt($start, $asymptote, $coefficient, $times),
            $this->other->lengthsAt($start, $asymptote, $coefficient, $times),
        );
    }

    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array
    {
        $length = $this->one->lengthAt($start, $asymptote, $coefficient, $time);
        $otherLength = $this->other->lengthAt($start, $asymptote, $coefficient, $time);
        $share = $length / ($length + $otherLength);
        $slopes = $this->one->logJacobian($start, $asymptote, $coefficient, $time);
        $otherSlopes = $this->other->logJacobian($start, $asymptote, $coefficient, $time);

        return [
            $share * $slopes[0] + (1 - $share) * $otherSlopes[0],
            $share * $slopes[1] + (1 - $share) * $otherSlopes[1],
            $share * $slopes[2] + (1 - $share) * $otherSlopes[2],
        ];
    }

    /** Both curves taken at the mean length: near enough for the small term that uses it. */
    public function relativeGrowth(float $length, float $asymptote, float $coefficient): float
    {
        return ($this->one->relativeGrowth($length, $asymptote, $coefficient)
            + $this->other->relativeGrowth($length, $asymptote, $coefficient)) / 2;
    }
}
