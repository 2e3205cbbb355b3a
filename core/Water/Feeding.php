<?php

declare(strict_types=1);

namespace Biomegas\Water;

use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/**
 * What a fish eats: the heavier, the less for each gram, and half of it once
 * it has nothing left to grow. Two to three percent of their mass a day for
 * small juveniles, about one half-grown, 0.3 to 0.6 for large adults, in warm
 * water. Formula and figures from memory and practice, no published source;
 * dry food with this share of protein.
 */
final readonly class Feeding
{
    public const PROTEIN = 0.4;

    private const TEN_GRAMS = 10.0;

    /**
     * Grams of dry food a day for one fish.
     *
     * @param  float  $grown  its length as a share of its adult length
     */
    public static function gramsPerDay(float $massGrams, float $grown, Ration $ration, Rulebook $rulebook): float
    {
        if ($massGrams <= 0.0) {
            return 0.0;
        }
        $ofGrown = $rulebook->number(RuleParameter::FeedGrown);

        return $massGrams * $rulebook->number(RuleParameter::FeedShare) * ($massGrams / self::TEN_GRAMS) ** -$rulebook->number(RuleParameter::FeedExponent)
            * ($ofGrown + (1 - $ofGrown) * (1 - min(1.0, $grown)))
            * $rulebook->foodOf($ration);
    }
}
