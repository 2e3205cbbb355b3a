<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\LeastSquares\Cholesky;

/** The most probable growth of a fish and how sharply the data mark it. */
final readonly class Peak
{
    /** @param  array{float, float, float}  $logParameters logarithms of asymptote, coefficient and start length */
    public function __construct(
        public array $logParameters,
        /** Root of the inverse covariance there. */
        public Cholesky $precision,
        /** Negative logarithm of the posterior density, up to a constant. */
        public float $objective,
    ) {
    }
}
