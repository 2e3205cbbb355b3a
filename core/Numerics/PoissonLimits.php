<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/**
 * What mean could lie behind a count: the exact limits of Garwood (1936),
 * Biometrika 28, 437-442, within which it lies in 95 of 100 cases.
 */
final readonly class PoissonLimits
{
    private const TAIL = 0.025;

    private const HALVINGS = 60;

    private const EXACT = 1e-12;

    private const MOST_TERMS = 10_000;

    private function __construct(
        public float $low,
        public float $high,
    ) {
    }

    /** @param  int<0, max>  $count */
    public static function of(int $count): self
    {
        return new self(
            $count === 0 ? 0.0 : self::meanAt($count, self::TAIL),
            self::meanAt($count + 1, 1 - self::TAIL),
        );
    }

    /** The mean at which so many or more come with this probability: halved between two that lie far enough off. */
    private static function meanAt(int $count, float $probability): float
    {
        $reach = 8 * sqrt($count) + 8;
        [$low, $high] = [max(0.0, $count - $reach), $count + $reach];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            self::shareBelow($count, $middle) < $probability ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** The incomplete gamma function P(n, x), which is the probability of n or more where x are expected: Abramowitz and Stegun (1964), 6.5.29 and 6.5.31. */
    private static function shareBelow(int $n, float $x): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        $front = exp($n * log($x) - $x - self::logFactorial($n - 1));

        return $x < $n + 1 ? $front * self::series($n, $x) : 1 - $front * self::fraction($n, $x);
    }

    private static function series(int $n, float $x): float
    {
        $sum = $term = 1 / $n;
        for ($k = 1; $k < self::MOST_TERMS && $term > self::EXACT * $sum; $k++) {
            $term *= $x / ($n + $k);
            $sum += $term;
        }

        return $sum;
    }

    /** By the method of Lentz. */
    private static function fraction(int $n, float $x): float
    {
        $b = $x + 1 - $n;
        $c = 1 / self::EXACT;
        $d = $value = 1 / $b;
        for ($k = 1; $k < self::MOST_TERMS; $k++) {
            $a = -$k * ($k - $n);
            $b += 2;
            $d = 1 / ($a * $d + $b);
            $c = $b + $a / $c;
            $value *= $c * $d;
            if (abs($c * $d - 1) < self::EXACT) {
                break;
            }
        }

        return $value;
    }

    /** Stirling's series above twenty. */
    private static function logFactorial(int $n): float
    {
        return $n <= 20
            ? log(array_product(range(1, max(1, $n))))
            : $n * log($n) - $n + log(2 * M_PI * $n) / 2 + 1 / (12 * $n) - 1 / (360 * $n ** 3);
    }
}
