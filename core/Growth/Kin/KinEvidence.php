<?php

declare(strict_types=1);

namespace Biomegas\Growth\Kin;

use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\Peak;
use Biomegas\Numerics\Matrix2;

/**
 * What the lengths of one fish alone say of its growth, apart from its prior:
 * a precision of the logarithms of asymptote and coefficient and the pull away
 * from the prior's mean.
 */
final class KinEvidence
{
    /** @var array<int, array<int, float>> the variance that the contributions belong to */
    private array $variance = [];

    /** @var array<int|string, array{precision: array<int, array<int, float>>, pull: array{float, float}, logLikelihood: float}> by share */
    private array $contributions = [];

    /**
     * @param  array{array{float, float}, array{float, float}}  $precision
     * @param  array{float, float}  $pull
     */
    private function __construct(
        private readonly array $precision,
        private readonly array $pull,
    ) {
    }

    /**
     * The peak stands for the whole posterior: a normal about it is near enough
     * for what kin can say of each other.
     *
     * @param  Peak  $alone  found with this prior and no kin
     */
    public static function of(Peak $alone, GrowthPrior $prior): self
    {
        $covariance = $alone->precision->inverse();
        $ofPrior = Matrix2::inverse($prior->covariance);
        $ofBoth = Matrix2::inverse([[$covariance[0][0], $covariance[0][1]], [$covariance[1][0], $covariance[1][1]]]);
        // Rounding can take the difference slightly below nothing: that is nothing.
        $precision = Matrix2::withoutNegative(Matrix2::minus($ofBoth, $ofPrior));

        return new self($precision, Matrix2::times(
            Matrix2::plus($precision, $ofPrior),
            [$alone->logParameters[0] - $prior->mean[0], $alone->logParameters[1] - $prior->mean[1]],
        ));
    }

    /**
     * Log likelihood, up to a constant, when fish of the species vary by this
     * variance and kin have nothing in common.
     *
     * @param  array<int, array<int, float>>  $variance
     */
    public function logLikelihoodUnder(array $variance): float
    {
        return $this->workOut($variance)['logLikelihood'];
    }

    /**
     * What it says of that which kin have in common, when this share of the
     * variance between fish of the species is common. Every kin asks the same, so
     * the answer is kept.
     *
     * @param  array<int, array<int, float>>  $variance  between fish of the species
     * @return array{precision: array<int, array<int, float>>, pull: array{float, float}, logLikelihood: float}
     */
    public function ofCommon(array $variance, float $share): array
    {
        if ($this->variance !== $variance) {
            [$this->variance, $this->contributions] = [$variance, []];
        }

        return $this->contributions[(string) $share] ??= $this->workOut(Matrix2::plus([[0.0, 0.0], [0.0, 0.0]], $variance, 1 - $share));
    }

    /**
     * @param  array<int, array<int, float>>  $own  variance that is not common
     * @return array{precision: array<int, array<int, float>>, pull: array{float, float}, logLikelihood: float}
     */
    private function workOut(array $own): array
    {
        $shrink = Matrix2::inverse(Matrix2::plus(Matrix2::IDENTITY, Matrix2::product($this->precision, $own)));
        $pull = Matrix2::times($shrink, $this->pull);

        return [
            'precision' => Matrix2::product($shrink, $this->precision),
            'pull' => $pull,
            'logLikelihood' => Matrix2::dot($this->pull, Matrix2::times($own, $pull)) / 2 + log(Matrix2::determinant($shrink)) / 2,
        ];
    }
}
