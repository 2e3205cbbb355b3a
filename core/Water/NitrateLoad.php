<?php

declare(strict_types=1);

namespace Biomegas\Water;

use Biomegas\Calendar\LocalDate;

/**
 * Nitrate from food, by the book: an upper bound, for plants and bacteria
 * without oxygen take some away. Nitrogen from feed after Timmons & Ebeling,
 * Recirculating Aquaculture (feed x protein x 0.092; figure from memory);
 * all of it ends as nitrate.
 */
final readonly class NitrateLoad
{
    private const NITROGEN_OF_PROTEIN = 0.092;

    /** Grams of nitrogen made as ammonia a day from so many grams of food. */
    public static function nitrogenPerDay(float $feedGramsPerDay, float $protein = Feeding::PROTEIN): float
    {
        return $feedGramsPerDay * $protein * self::NITROGEN_OF_PROTEIN;
    }

    /** Milligrams of nitrate in a week from so many grams of food a day. */
    public static function milligramsPerWeek(float $feedGramsPerDay, float $protein = Feeding::PROTEIN): float
    {
        return Nitrogen::Nitrate->asIon(1000 * LocalDate::DAYS_PER_WEEK * self::nitrogenPerDay($feedGramsPerDay, $protein));
    }
}
