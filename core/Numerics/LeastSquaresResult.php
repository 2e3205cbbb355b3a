<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Where a least squares search ended. */
final readonly class LeastSquaresResult
{
    /**
     * @param  array<int, float>  $parameters
     * @param  array<int, array<int, float>>  $normalMatrix  transposed Jacobian times Jacobian at the end
     */
    public function __construct(
        public array $parameters,
        public float $sumOfSquares,
        public array $normalMatrix,
        public int $iterations,
        public StopReason $stopReason,
    ) {
    }
}
