<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Numerics\ScrambledHalton;
use Biomegas\Numerics\StandardNormal;

/**
 * What every importance draw needs and no fish changes: a step of a Student t
 * with five degrees of freedom, which part of the proposal it belongs to, and the
 * normals for how far growth has run ahead, for the way it goes on and for the
 * next reading of the length. Draw by draw in each list.
 */
final readonly class ProposalTable
{
    public const DEGREES_OF_FREEDOM = 5;

    private const NEWTON_STEPS = 4;

    /** Multiples of it fall as evenly into the unit as any can; those of the root of two nearly so. */
    private const GOLDEN = 0.6180339887498949;

    private const HALF = 0.5;

    /**
     * @param  list<array{float, float, float}>  $step
     * @param  list<float>  $part  between 0 and 1, to choose a part of the proposal
     * @param  list<int>  $rising  the draws in the order of that
     * @param  list<float>  $ofDeviation
     * @param  list<float>  $ofWander
     * @param  list<float>  $ofReading
     */
    private function __construct(
        public array $step,
        public array $part,
        public array $rising,
        public array $ofDeviation,
        public array $ofWander,
        public array $ofReading,
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
        $steps = $parts = $ofDeviation = $ofWander = $ofReading = [];
        foreach (ScrambledHalton::of($draws, 6) as $s => $point) {
            [$a, $k, $l, , $ofDeviation[], $ofWander[]] = array_map(StandardNormal::quantile(...), $point);
            $scale = sqrt(self::DEGREES_OF_FREEDOM / self::chiSquare($point[3]));
            $steps[] = [$scale * $a, $scale * $k, $scale * $l];
            $parts[] = fmod(self::HALF + $s * self::GOLDEN, 1.0);
            $ofReading[] = StandardNormal::quantile(fmod(self::HALF + $s * M_SQRT2, 1.0));
        }

        $rising = $parts;
        asort($rising);

        return new self($steps, $parts, array_keys($rising), $ofDeviation, $ofWander, $ofReading);
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
