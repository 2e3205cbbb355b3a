<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Arithmetic of 2 by 2 matrices. */
final readonly class Matrix2
{
    public const IDENTITY = [[1.0, 0.0], [0.0, 1.0]];

    /** A determinant below this counts as this: a nearly flat direction is known as well as one can tell. */
    private const LEAST_DETERMINANT = 1e-14;

    /**
     * @param  array<int, array<int, float>>  $m  with a determinant above zero
     * @return array{array{float, float}, array{float, float}}
     */
    public static function inverse(array $m): array
    {
        $determinant = max(self::LEAST_DETERMINANT, self::determinant($m));

        return [[$m[1][1] / $determinant, -$m[0][1] / $determinant], [-$m[1][0] / $determinant, $m[0][0] / $determinant]];
    }

    /** @param  array<int, array<int, float>>  $m */
    public static function determinant(array $m): float
    {
        return $m[0][0] * $m[1][1] - $m[0][1] * $m[1][0];
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, array<int, float>>  $n
     * @return array{array{float, float}, array{float, float}}
     */
    public static function plus(array $m, array $n, float $times = 1.0): array
    {
        return [
            [$m[0][0] + $times * $n[0][0], $m[0][1] + $times * $n[0][1]],
            [$m[1][0] + $times * $n[1][0], $m[1][1] + $times * $n[1][1]],
        ];
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, array<int, float>>  $n
     * @return array{array{float, float}, array{float, float}}
     */
    public static function minus(array $m, array $n): array
    {
        return self::plus($m, $n, -1.0);
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, array<int, float>>  $n
     * @return array{array{float, float}, array{float, float}}
     */
    public static function product(array $m, array $n): array
    {
        return [
            [$m[0][0] * $n[0][0] + $m[0][1] * $n[1][0], $m[0][0] * $n[0][1] + $m[0][1] * $n[1][1]],
            [$m[1][0] * $n[0][0] + $m[1][1] * $n[1][0], $m[1][0] * $n[0][1] + $m[1][1] * $n[1][1]],
        ];
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, float>  $v
     * @return array{float, float}
     */
    public static function times(array $m, array $v): array
    {
        return [$m[0][0] * $v[0] + $m[0][1] * $v[1], $m[1][0] * $v[0] + $m[1][1] * $v[1]];
    }

    /**
     * @param  array<int, float>  $v
     * @param  array<int, float>  $w
     */
    public static function dot(array $v, array $w): float
    {
        return $v[0] * $w[0] + $v[1] * $w[1];
    }

    /**
     * The nearest symmetric matrix without a negative eigenvalue.
     *
     * @param  array<int, array<int, float>>  $m  symmetric
     * @return array{array{float, float}, array{float, float}}
     */
    public static function withoutNegative(array $m): array
    {
        $half = ($m[0][0] + $m[1][1]) / 2;
        $reach = hypot(($m[0][0] - $m[1][1]) / 2, $m[0][1]);
        [$high, $low] = [max(0.0, $half + $reach), max(0.0, $half - $reach)];
        $angle = atan2(2 * $m[0][1], $m[0][0] - $m[1][1]) / 2;
        [$cos, $sin] = [cos($angle), sin($angle)];

        return [
            [$high * $cos ** 2 + $low * $sin ** 2, ($high - $low) * $cos * $sin],
            [($high - $low) * $cos * $sin, $high * $sin ** 2 + $low * $cos ** 2],
        ];
    }
}
