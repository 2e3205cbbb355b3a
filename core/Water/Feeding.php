<?php

declare(strict_types=1);

namespace Biomegas\Water;

/**
 * What a fish eats: the larger, the less for each gram. About 3 % of its mass a
 * day at 10 g, 1.2 % at a kilogram, 0.75 % at ten; steady ration, warm water.
 * Common practice, no published source; dry food with this share of protein.
 */
final readonly class Feeding
{
    public const PROTEIN = 0.4;

    private const SHARE_AT_TEN_GRAMS = 0.03;

    private const TEN_GRAMS = 10.0;

    private const EXPONENT = -0.2;

    /** Grams of dry food a day. */
    public static function gramsPerDay(float $massGrams): float
    {
        return $massGrams <= 0.0 ? 0.0 : self::SHARE_AT_TEN_GRAMS * $massGrams * ($massGrams / self::TEN_GRAMS) ** self::EXPONENT;
    }
}
