<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

final readonly class Estimate
{
    public function __construct(
        public float $value,
        public float $standardError,
    ) {
    }
}
