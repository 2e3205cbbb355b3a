<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Numerics\Matrix2;

/** How much of what is known of a fish's growth in the coming year came from where; shares sum to 1. */
final readonly class Sources
{
    private const STEP = 0.01;

    private function __construct(
        public float $ownLengths,
        public float $kin,
        public float $species,
    ) {
    }

    /** @param  GrowthPrior  $ofKind the prior without kin */
    public static function of(SpeciesProjection $projection, GrowthPrior $ofKind): self
    {
        [$mean, $covariance] = $projection->draws->moments();
        $direction = Matrix2::times($covariance, self::slope($projection, $mean));
        $species = self::precisionAlong($direction, $ofKind->covariance);
        $withKin = max($species, self::precisionAlong($direction, $projection->prior->covariance));
        $all = max($withKin, self::precisionAlong($direction, $covariance));

        return $all > 0.0 ? new self(1 - $withKin / $all, ($withKin - $species) / $all, $species / $all) : new self(0.0, 0.0, 1.0);
    }

    /**
     * @param  array{float, float}  $direction
     * @param  array<int, array<int, float>>  $covariance
     */
    private static function precisionAlong(array $direction, array $covariance): float
    {
        return max(0.0, Matrix2::dot($direction, Matrix2::times(Matrix2::inverse($covariance), $direction)));
    }

    /**
     * Slope of the logarithm of the length a year from now by the logarithms of asymptote and coefficient.
     *
     * @param  array{float, float}  $mean
     * @return array{float, float}
     */
    private static function slope(SpeciesProjection $projection, array $mean): array
    {
        $curve = Curve\GrowthCurves::named($projection->species->curve);
        $start = exp(array_sum(array_map(fn (float $weight, float $length): float => $weight * log($length), $projection->draws->weight, $projection->draws->start)));
        $time = $projection->timeOfDraws() + 1;
        $length = fn (float $a, float $k): float => log($curve->lengthAt($start, max($start, exp($a)), exp($k), $time));

        return [
            ($length($mean[0] + self::STEP, $mean[1]) - $length($mean[0] - self::STEP, $mean[1])) / (2 * self::STEP),
            ($length($mean[0], $mean[1] + self::STEP) - $length($mean[0], $mean[1] - self::STEP)) / (2 * self::STEP),
        ];
    }
}
