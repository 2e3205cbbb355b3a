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

    public function lengthsAt(float $start, float $asymptote, float $coefficient, array $times): array
    {
        if ($asymptote <= $start) {
            return array_fill(0, count($times), $start);
        }
        $lengths = [];
        foreach ($times as $time) {
            $lengths[] = $start * exp(-$coefficient * $time) - $asymptote * expm1(-$coefficient * $time);
        }

        return $lengths;
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

    public function relativeGrowth(float $length, float $asymptote, float $coefficient): float
    {
        return max(0.0, $coefficient * ($asymptote - $length) / $length);
    }
}
