<?php

declare(strict_types=1);

namespace Biomegas\Growth\Kin;

use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\LeastSquares\Matrix2;

/**
 * What the lengths of one fish alone say of its growth, apart from its prior:
 * a precision of the logarithms of asymptote and coefficient and the pull away
 * from the prior's mean.
 */
final readonly class KinEvidence
{
    /**
     * @param  array{array{float, float}, array{float, float}}  $precision
     * @param  array{float, float}  $pull
     */
    private function __construct(
        public array $precision,
        public array $pull,
    ) {
    }

    /** @param  GrowthDraws  $alone fitted with this prior and no kin */
    public static function of(GrowthDraws $alone, GrowthPrior $prior): self
    {
        [$mean, $covariance] = $alone->moments();
        $ofPrior = Matrix2::inverse($prior->covariance);
        // Draws scatter, so the difference can come out slightly below nothing: that is nothing.
        $precision = Matrix2::withoutNegative(Matrix2::minus(Matrix2::inverse($covariance), $ofPrior));

        return new self($precision, Matrix2::times(
            Matrix2::plus($precision, $ofPrior),
            [$mean[0] - $prior->mean[0], $mean[1] - $prior->mean[1]],
        ));
    }
}
