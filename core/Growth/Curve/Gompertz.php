<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** Gompertz (1825) as a growth curve (Winsor 1932): relative growth falls exponentially with time. */
final readonly class Gompertz implements GrowthCurve
{
    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float
    {
        return $asymptote <= $start
            ? $start
            : $asymptote * exp(log($start / $asymptote) * exp(-$coefficient * $time));
    }

    public function lengthsAt(array $starts, array $asymptotes, array $coefficients, array $times): array
    {
        $lengths = [];
        foreach ($starts as $i => $start) {
            $asymptote = $asymptotes[$i];
            $lengths[] = $asymptote <= $start ? $start : $asymptote * exp(log($start / $asymptote) * exp(-$coefficients[$i] * $times[$i]));
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
                $times[] = $asymptote <= $length ? INF : log(log($start / $asymptote) / log($length / $asymptote)) / $coefficients[$i];
            }
        }

        return $times;
    }

    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array
    {
        if ($asymptote <= $start) {
            return [0.0, 0.0, 1.0];
        }
        $decay = exp(-$coefficient * $time);

        return [
            1 - $decay,
            log($asymptote / $start) * $coefficient * $time * $decay,
            $decay,
        ];
    }

    public function relativeGrowths(array $lengths, array $asymptotes, array $coefficients): array
    {
        $growths = [];
        foreach ($lengths as $i => $length) {
            $asymptote = $asymptotes[$i];
            $growths[] = $asymptote <= $length ? 0.0 : $coefficients[$i] * log($asymptote / $length);
        }

        return $growths;
    }
}
