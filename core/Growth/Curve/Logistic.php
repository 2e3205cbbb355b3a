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

    public function lengthsAt(array $starts, array $asymptotes, array $coefficients, array $times): array
    {
        $lengths = [];
        foreach ($starts as $i => $start) {
            $asymptote = $asymptotes[$i];
            $lengths[] = $asymptote <= $start ? $start : $asymptote / (1 + ($asymptote / $start - 1) * exp(-$coefficients[$i] * $times[$i]));
        }

        return $lengths;
    }

    public function timesUntil(float $length, array $starts, array $asymptotes, array $coefficients): array
    {
        $times = [];
        foreach ($starts as $i => $start) {
            $asymptote = $asymptotes[$i];
            if ($start >= $length) {
                $times[] = 0.0;
            } else {
                $times[] = $asymptote <= $length ? INF : log(($asymptote / $start - 1) / ($asymptote / $length - 1)) / $coefficients[$i];
            }
        }

        return $times;
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

    public function relativeGrowths(array $lengths, array $asymptotes, array $coefficients): array
    {
        $growths = [];
        foreach ($lengths as $i => $length) {
            $asymptote = $asymptotes[$i];
            $growths[] = $asymptote <= $length ? 0.0 : $coefficients[$i] * (1 - $length / $asymptote);
        }

        return $growths;
    }
}
