<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Quantiles of a mixture whose parts are known by their quantiles at the same levels. */
final readonly class QuantileMix
{
    private const BISECTIONS = 48;

    /**
     * The value below which this share of the mixture lies.
     *
     * @param  list<float>  $levels  rising, in (0, 1)
     * @param  non-empty-list<array{float, list<float>}>  $parts  weight, and a never falling value for each level; weights sum to 1
     */
    public static function at(float $probability, array $levels, array $parts): float
    {
        $low = min(array_map(fn (array $part): float => $part[1][0], $parts));
        $high = max(array_map(fn (array $part): float => $part[1][count($levels) - 1], $parts));
        for ($i = 0; $i < self::BISECTIONS; $i++) {
            $middle = ($low + $high) / 2;
            $share = 0.0;
            foreach ($parts as [$weight, $values]) {
                $share += $weight * self::shareBelow($middle, $levels, $values);
            }
            if ($share < $probability) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /**
     * Linear between the levels; nothing is known beyond the outer two.
     *
     * @param  list<float>  $levels
     * @param  list<float>  $values
     */
    private static function shareBelow(float $value, array $levels, array $values): float
    {
        if ($value < $values[0]) {
            return 0.0;
        }
        foreach ($values as $i => $next) {
            if ($next > $value) {
                $before = $values[$i - 1];

                return $levels[$i - 1] + ($levels[$i] - $levels[$i - 1]) * ($value - $before) / ($next - $before);
            }
        }

        return 1.0;
    }
}
