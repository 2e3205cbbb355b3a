<?php

declare(strict_types=1);

namespace Biomegas\Water;

/**
 * Nitrate from food, by the book: an upper bound, for plants and bacteria
 * without oxygen take some away. Nitrogen from feed after Timmons & Ebeling,
 * Recirculating Aquaculture (feed x protein x 0.092; figure from memory);
 * nitrate weighs 62.005/14.007 of its nitrogen.
 */
final readonly class NitrateLoad
{
    private const NITROGEN_OF_PROTEIN = 0.092;

    private const NITRATE_PER_NITROGEN = 62.005 / 14.007;

    private const DAYS_PER_WEEK = 7;

    /** Milligrams of nitrate in a week from so many grams of food a day. */
    public static function milligramsPerWeek(float $feedGramsPerDay, float $protein = Feeding::PROTEIN): float
    {
        return 1000 * self::DAYS_PER_WEEK * $feedGramsPerDay * $protein * self::NITROGEN_OF_PROTEIN * self::NITRATE_PER_NITROGEN;
    }

    /**
     * The share of the water to change each week so that the peak before a
     * change stays at the target: it tends to tap + made in a week / (litres x share).
     *
     * @param  float  $target  mg/l, above the tap's
     * @return float may be above 1: then once a week is not enough
     */
    public static function weeklyChange(float $milligramsPerWeek, float $litres, float $target, float $tap): float
    {
        return $milligramsPerWeek / ($litres * max(1e-9, $target - $tap));
    }
}
