<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/**
 * One step of two-step nitrification with growing bacteria: Monod uptake,
 * solved implicitly for each substrate, so that no concentration falls below
 * zero and all nitrogen is accounted for whatever the length of the step.
 * Bacteria hold no nitrogen. Rates net of decay, calibrated to practice; the
 * literature's wastewater figures are higher.
 */
final readonly class Step
{
    /** Half-saturation, mg N/l. */
    private const HALF = 0.15;

    /** Growth at 25 °C, per day. */
    private const AMMONIA_GROWTH = 0.50;

    private const NITRITE_GROWTH = 0.42;

    /** Bacteria that starve lose this share a day. */
    public const DECAY = 0.10;

    /**
     * @param  float  $load  ammonia that comes in, mg N/l/d
     * @param  float  $days  length of the step
     * @return array{Water, Bacteria}
     */
    public static function advance(Water $water, Bacteria $bacteria, Conditions $in, float $load, float $days): array
    {
        $made = $water->ammonia + $days * $load;
        $ammonia = self::left($made, $days * $bacteria->ammonia * $in->ammoniaPace());
        $gained = $water->nitrite + $made - $ammonia;
        $nitrite = self::left($gained, $days * $bacteria->nitrite * $in->nitritePace());

        return [
            new Water($ammonia, $nitrite, $water->nitrate + $gained - $nitrite),
            new Bacteria(
                self::grown($bacteria->ammonia, $ammonia, self::AMMONIA_GROWTH, $in->capacity, $days * $in->ammoniaPace()),
                self::grown($bacteria->nitrite, $nitrite, self::NITRITE_GROWTH, $in->capacity, $days * $in->nitritePace()),
            ),
        ];
    }

    /** What is left of a substrate: the positive root of the implicit step, in the form that does not cancel. */
    private static function left(float $substrate, float $most): float
    {
        $c = self::HALF + $most - $substrate;
        $root = sqrt($c ** 2 + 4 * self::HALF * $substrate);

        return $c < 0 ? ($root - $c) / 2 : 2 * self::HALF * $substrate / ($c + $root);
    }

    private static function grown(float $bacteria, float $substrate, float $growth, float $capacity, float $days): float
    {
        return $bacteria * exp($days * ($growth * $substrate / (self::HALF + $substrate) * (1 - $bacteria / $capacity) - self::DECAY));
    }
}
