<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Facility\Sex;
use Biomegas\Facility\Species;
use Biomegas\Numerics\Cholesky;

/**
 * What is believed of a fish before it is measured: the logarithms of its
 * asymptote and coefficient are normal, together with a start when it was
 * never measured.
 */
final readonly class GrowthPrior
{
    /** A juvenile that was never measured is taken to be about this share of its adult length. */
    private const UNMEASURED_START_SHARE = 0.12;

    private const UNMEASURED_START_SPREAD = 0.4;

    /**
     * @param  array{float, float}  $mean  logarithms of asymptote and coefficient
     * @param  array<int, array<int, float>>  $covariance  2 by 2
     * @param  array<int, array<int, float>>  $root  lower root of the inverse covariance
     */
    private function __construct(
        public array $mean,
        public array $covariance,
        private array $root,
        public float $logStart,
        public float $logStartSpread,
    ) {
    }

    /** From the species alone. Claims of adult size, of its sex where there are any, replace the typical one. */
    public static function ofSpecies(Species $species, ?Sex $sex = null): self
    {
        $adult = AdultSize::of($species, $sex);

        return self::normal(
            [$adult->logMean, log($species->growthCoefficient->typical)],
            [[$adult->logSpread ** 2, 0.0], [0.0, $species->growthCoefficient->logSpread() ** 2]],
            log(self::UNMEASURED_START_SHARE * $species->adultLength->typical),
        );
    }

    /**
     * @param  array{float, float}  $mean
     * @param  array<int, array<int, float>>  $covariance
     */
    public static function normal(array $mean, array $covariance, float $logStart): self
    {
        $precision = (Cholesky::of($covariance) ?? Cholesky::ofDiagonal([$covariance[0][0], $covariance[1][1]]))->inverse();
        $root = (Cholesky::of($precision) ?? Cholesky::ofDiagonal([1 / $covariance[0][0], 1 / $covariance[1][1]]))->root;

        return new self($mean, $covariance, $root, $logStart, self::UNMEASURED_START_SPREAD);
    }

    /** The same with fish of the species taken to vary by this factor of the variance. */
    public function narrowed(float $width): self
    {
        return self::normal($this->mean, array_map(fn (array $row): array => array_map(fn (float $x): float => $width * $x, $row), $this->covariance), $this->logStart);
    }

    /**
     * Independent standard residuals of these logarithms.
     *
     * @return array{float, float}
     */
    public function residuals(float $logAsymptote, float $logCoefficient): array
    {
        $a = $logAsymptote - $this->mean[0];
        $k = $logCoefficient - $this->mean[1];

        return [$this->root[0][0] * $a + $this->root[1][0] * $k, $this->root[1][1] * $k];
    }

    /** @return array{array{float, float, float}, array{float, float, float}} derivatives of the residuals by asymptote, coefficient, start */
    public function jacobian(): array
    {
        return [[$this->root[0][0], $this->root[1][0], 0.0], [0.0, $this->root[1][1], 0.0]];
    }

    /**
     * Logarithms of the density up to a constant that is the same for all priors.
     *
     * @param  list<float>  $logAsymptotes
     * @param  list<float>  $logCoefficients
     * @return list<float>
     */
    public function logDensities(array $logAsymptotes, array $logCoefficients): array
    {
        $height = log($this->root[0][0] * $this->root[1][1]);
        $densities = [];
        foreach ($logAsymptotes as $s => $logAsymptote) {
            // The residuals, written out: a call for every draw takes longer than the sum.
            $a = $logAsymptote - $this->mean[0];
            $k = $logCoefficients[$s] - $this->mean[1];
            $first = $this->root[0][0] * $a + $this->root[1][0] * $k;
            $second = $this->root[1][1] * $k;
            $densities[] = $height - ($first * $first + $second * $second) / 2;
        }

        return $densities;
    }

    /**
     * A draw from independent standard normals.
     *
     * @return array{float, float} logarithms of asymptote and coefficient
     */
    public function draw(float $first, float $second): array
    {
        $k = $second / $this->root[1][1];

        return [$this->mean[0] + ($first - $this->root[1][0] * $k) / $this->root[0][0], $this->mean[1] + $k];
    }
}
