<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/** One length as the fit sees it. */
final readonly class Observation
{
    public function __construct(
        /** Growth time in years since the first length. */
        public float $time,
        /** Logarithm of the length in millimetres. */
        public float $logLength,
        /** Relative standard error of the method. */
        public float $error,
    ) {
    }
}
