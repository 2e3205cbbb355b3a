<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Numerics\ScrambledHalton;
use Biomegas\Numerics\StandardNormal;

/**
 * What every importance draw needs and no fish changes: a step of a Student t
 * with five degrees of freedom, its log density, and the normals for the way
 * growth time wanders. Draw by draw in each list.
 */
final readonly class ProposalTable
{
    public const DEGREES_OF_FREEDOM = 5;

    private const NEWTON_STEPS = 4;

    /**
     * @param  list<array{float, float, float}>  $step
     * @param  list<float>  $logDensity  up to a constant
     * @param  list<float>  $ofDeviation
     * @param  list<float>  $ofWander
     */
    private function __construct(
        public array $step,
        public array $logDensity,
        public array $ofDeviation,
        public array $ofWander,
    ) {
    }

    public static function of(int $draws): self
    {
        /** @var array<int, self> $tables */
        static $tables = [];

        return $tables[$draws] ??= self::make($draws);
    }

    private static function make(int $draws): self
    {
        $steps = $logDensities = $ofDeviation = $ofWander = [];
        foreach (ScrambledHalton::of($draws, 6) as $point) {
            [$a, $k, $l, , $ofDeviation[], $ofWander[]] = array_map(StandardNormal::quantile(...), $point);
            $chiSquare = self::chiSquare($point[3]);
            $scale = sqrt(self::DEGREES_OF_FREEDOM / $chiSquare);
            $steps[] = [$scale * $a, $scale * $k, $scale * $l];
            // Of three dimensions and five degrees of freedom.
            $logDensities[] = -(self::DEGREES_OF_FREEDOM + 3) / 2 * log(1 + ($a ** 2 + $k ** 2 + $l ** 2) / $chiSquare);
        }

        return new self($steps, $logDensities, $ofDeviation, $ofWander);
    }

    /** Quantile of chi square with five degrees of freedom: Newton from the cube of Wilson and Hilferty (1931). */
    private static function chiSquare(float $share): float
    {
        $ninth = 2 / (9 * self::DEGREES_OF_FREEDOM);
        $x = self::DEGREES_OF_FREEDOM * max(0.05, 1 - $ninth + StandardNormal::quantile($share) * sqrt($ninth)) ** 3;
        for ($step = 0; $step < self::NEWTON_STEPS; $step++) {
            $density = $x ** 1.5 * exp(-$x / 2) / (3 * sqrt(2 * M_PI));
            $below = 2 * StandardNormal::shareBelow(sqrt($x)) - 1 - sqrt(2 * $x / M_PI) * exp(-$x / 2) * (1 + $x / 3);
            $x = max($x / 4, $x - ($below - $share) / $density);
        }

        return $x;
    }
}
