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

    public function lengthsAt(float $start, float $asymptote, float $coefficient, array $times): array
    {
        if ($asymptote <= $start) {
            return array_fill(0, count($times), $start);
        }
        $lengths = [];
        $gap = log($start / $asymptote);
        foreach ($times as $time) {
            $lengths[] = $asymptote * exp($gap * exp(-$coefficient * $time));
        }

        return $lengths;
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

    public function relativeGrowth(float $length, float $asymptote, float $coefficient): float
    {
        return max(0.0, $coefficient * log($asymptote / $length));
    }
}
