<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/** Von Bertalanffy (1938), Human Biology 10, 181-213: growth slows evenly toward the asymptote. */
final readonly class VonBertalanffy implements GrowthCurve
{
    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float
    {
        return $asymptote <= $start
            ? $start
            : $start * exp(-$coefficient * $time) - $asymptote * expm1(-$coefficient * $time);
    }

    public function lengthsAt(array $starts, array $asymptotes, array $coefficients, array $times): array
    {
        $lengths = [];
        foreach ($starts as $i => $start) {
            $asymptote = $asymptotes[$i];
            $lengths[] = $asymptote <= $start ? $start : $start * ($decay = exp(-$coefficients[$i] * $times[$i])) + $asymptote * (1 - $decay);
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
                $times[] = $asymptote <= $length ? INF : log(($asymptote - $start) / ($asymptote - $length)) / $coefficients[$i];
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
        $length = $start * $decay + $asymptote * (1 - $decay);

        return [
            $asymptote * (1 - $decay) / $length,
            ($asymptote - $start) * $coefficient * $time * $decay / $length,
            $start * $decay / $length,
        ];
    }

    public function relativeGrowths(array $lengths, array $asymptotes, array $coefficients): array
    {
        $growths = [];
        foreach ($lengths as $i => $length) {
            $asymptote = $asymptotes[$i];
            $growths[] = $asymptote <= $length ? 0.0 : $coefficients[$i] * ($asymptote - $length) / $length;
        }

        return $growths;
    }
}
