<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Lower triangular root of a small positive definite matrix. */
final readonly class Cholesky
{
    /** Pivots below this share of the diagonal count as singular. */
    private const LEAST_PIVOT = 1e-14;

    /** @param  array<int, array<int, float>>  $root lower triangle with the diagonal */
    private function __construct(public array $root)
    {
    }

    /**
     * @param  array<int, array<int, float>>  $matrix  symmetric, n by n
     * @return self|null null when the matrix is not positive definite
     */
    public static function of(array $matrix): ?self
    {
        $root = [];
        foreach ($matrix as $i => $row) {
            $root[$i] = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $root[$i][$k] * $root[$j][$k];
                }
                if ($i === $j) {
                    if (! ($sum > self::LEAST_PIVOT * abs($row[$i]))) {
                        return null;
                    }
                    $root[$i][$i] = sqrt($sum);
                } else {
                    $root[$i][$j] = $sum / $root[$j][$j];
                }
            }
        }

        return new self($root);
    }

    /**
     * Of the inverse of a matrix, without inverting it: from the root of the
     * matrix taken from its last row backwards.
     *
     * @param  array<int, array<int, float>>  $matrix  symmetric, n by n
     * @return self|null null when the matrix is not positive definite
     */
    public static function ofInverse(array $matrix): ?self
    {
        $n = count($matrix);
        $upper = $root = [];
        for ($j = $n - 1; $j >= 0; $j--) {
            for ($i = $j; $i >= 0; $i--) {
                $sum = $matrix[$i][$j];
                for ($k = $j + 1; $k < $n; $k++) {
                    $sum -= $upper[$i][$k] * $upper[$j][$k];
                }
                if ($i === $j) {
                    if (! ($sum > self::LEAST_PIVOT * abs($matrix[$i][$i]))) {
                        return null;
                    }
                    $upper[$i][$i] = sqrt($sum);
                } else {
                    $upper[$i][$j] = $sum / $upper[$j][$j];
                }
            }
        }
        // The transposed inverse of that upper root is the lower root of the inverse.
        for ($j = 0; $j < $n; $j++) {
            for ($i = 0; $i < $j; $i++) {
                $sum = 0.0;
                for ($k = $i; $k < $j; $k++) {
                    $sum -= $root[$k][$i] * $upper[$k][$j];
                }
                $root[$j][$i] = $sum / $upper[$j][$j];
            }
            $root[$j][$j] = 1 / $upper[$j][$j];
        }

        return new self($root);
    }

    /** @param  non-empty-list<float>  $diagonal all above zero, the rest of the matrix is zero */
    public static function ofDiagonal(array $diagonal): self
    {
        $root = [];
        foreach ($diagonal as $i => $value) {
            $root[] = [...array_fill(0, $i, 0.0), sqrt($value)];
        }

        return new self($root);
    }

    /**
     * The vector x for which the matrix times x gives the right-hand side.
     *
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    public function solve(array $right): array
    {
        $n = count($this->root);
        $x = $right;
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $x[$i] -= $this->root[$i][$k] * $x[$k];
            }
            $x[$i] /= $this->root[$i][$i];
        }

        return $this->solveTransposed($x);
    }

    /**
     * The vector x for which the transposed root times x gives the right-hand
     * side: turns independent standard normals into draws whose covariance is
     * the inverse of the matrix.
     *
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    public function solveTransposed(array $right): array
    {
        for ($i = count($this->root) - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < count($this->root); $k++) {
                $right[$i] -= $this->root[$k][$i] * $right[$k];
            }
            $right[$i] /= $this->root[$i][$i];
        }

        return $right;
    }

    /** Logarithm of the determinant of the matrix. */
    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->root as $i => $row) {
            $sum += 2 * log($row[$i]);
        }

        return $sum;
    }

    /** @return array<int, array<int, float>> the inverse of the matrix */
    public function inverse(): array
    {
        $n = count($this->root);
        $columns = [];
        for ($j = 0; $j < $n; $j++) {
            $columns[] = $this->solve(array_map(fn (int $i): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1)));
        }

        return $columns;
    }
}
