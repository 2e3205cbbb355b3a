<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

/** A growth curve fitted by ordinary least squares. */
final readonly class CurveFit
{
    public function __construct(
        public AgeCurve $curve,
        public int $n,
        public Estimate $asymptoticLength,
        public Estimate $growthCoefficient,
        /** Null when it was fixed at zero. */
        public ?Estimate $location,
        public float $residualSumOfSquares,
        public float $residualStandardDeviation,
        /** Corrected information criterion of Akaike; null when there are too few lengths for it. */
        public ?float $aicc,
    ) {
    }
}
