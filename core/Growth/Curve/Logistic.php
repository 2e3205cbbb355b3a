<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** Verhulst's logistic curve (1838): relative growth falls evenly with the length reached. */
final readonly class Logistic implements GrowthCurve
{
    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float
    {
        return $asymptote <= $start
            ? $start
            : $asymptote / (1 + ($asymptote / $start - 1) * exp(-$coefficient * $time));
    }

    public function lengthsAt(float $start, float $asymptote, float $coefficient, array $times): array
    {
        if ($asymptote <= $start) {
            return array_fill(0, count($times), $start);
        }
        $lengths = [];
        $lack = $asymptote / $start - 1;
        foreach ($times as $time) {
            $lengths[] = $asymptote / (1 + $lack * exp(-$coefficient * $time));
        }

        return $lengths;
    }

    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array
    {
        if ($asymptote <= $start) {
            return [0.0, 0.0, 1.0];
        }
        $lack = ($asymptote / $start - 1) * exp(-$coefficient * $time);
        $byStart = $asymptote / $start * exp(-$coefficient * $time) / (1 + $lack);

        return [
            1 - $byStart,
            $lack * $coefficient * $time / (1 + $lack),
            $byStart,
        ];
    }

    public function relativeGrowth(float $length, float $asymptote, float $coefficient): float
    {
        return max(0.0, $coefficient * (1 - $length / $asymptote));
    }
}
