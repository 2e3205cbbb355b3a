<?php

declare(strict_types=1);

namespace Biomegas\Growth\Pace;

/**
 * What a stretch of growth time does to the pace of an animal and to how far
 * growth has run ahead of the curve. The pace departs from one as an
 * Ornstein-Uhlenbeck process, so that a fast animal stays fast for months and
 * not for ever; growth runs ahead by its integral and by a little wander.
 * Gillespie (1996), Physical Review E 54:2084, gives the exact moments.
 */
final readonly class PaceStep
{
    /** Time in which a departure of the pace falls to 37 %, years of growth time. Tried on measured series: decision 19. */
    public const PERSISTENCE = 0.3;

    /** Standard deviation of growth time after one year beyond what the pace explains, years to the half. */
    public const WANDER = 0.03;

    private function __construct(
        /** Share of the departure that is left. */
        public float $kept,
        /** How far growth runs ahead for each unit of departure at the start, years. */
        public float $ahead,
        /** Variance that comes to how far growth has run ahead, years squared. */
        public float $ofDeviation,
        /** Covariance of both, years. */
        public float $ofBoth,
        /** Variance that comes to the pace. */
        public float $ofPace,
    ) {
    }

    /** @param  float  $years  growth time, not negative */
    public static function over(float $years, float $spread): self
    {
        $t = $years / self::PERSISTENCE;
        $kept = exp(-$t);
        $lost = -expm1(-$t);
        // 2 t - 3 + 4 F - F^2 is t^3 2/3 at first: the rest of it is lost in rounding.
        $shape = $t < 1e-3 ? 2 / 3 * $t ** 3 : 2 * $t - 3 + 4 * $kept - $kept ** 2;

        return new self(
            $kept,
            self::PERSISTENCE * $lost,
            ($spread * self::PERSISTENCE) ** 2 * $shape + self::WANDER ** 2 * $years,
            $spread ** 2 * self::PERSISTENCE * $lost ** 2,
            $spread ** 2 * (1 - $kept ** 2),
        );
    }

    /** Variance of how far growth has run ahead after this growth time, of an animal of which nothing else is known, years squared. */
    public static function deviationFromTheStart(float $years, float $spread): float
    {
        $step = self::over($years, $spread);

        return $step->ofDeviation + ($step->ahead * $spread) ** 2;
    }
}
