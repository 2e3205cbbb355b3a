<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Facility;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrate\NitrateCourse;
use Biomegas\Water\NitrateLoad;

/** What an adult takes and leaves each week, and what its whole life costs. */
final readonly class Upkeep
{
    private const DAYS_PER_MONTH = 30.4375;

    private const MONTHS_PER_YEAR = 12;

    private const GRAMS_PER_KG = 1000.0;

    private function __construct(
        /** Grams of all of them, grown. */
        public float $adultMass,
        /** Grams of dry food a day, grown. */
        public float $feedPerDay,
        /** Share of the water of its last home to change each week for it alone, grown. */
        public float $weeklyChange,
        /** Of all years of its life, in the facility's money. */
        public float $foodCost,
        /** Of the home that must be built; 0 when none must. */
        public float $homeCost,
        /** Null: the price is not known. */
        public ?float $price,
    ) {
    }

    /** Null when the mass of its species is not known. */
    public static function of(Candidate $candidate, SpeciesProjection $growth, HomesAhead $chain, Facility $facility): ?self
    {
        $mass = $candidate->species->lengthWeight;
        if ($mass === null) {
            return null;
        }
        $adult = $candidate->count * $mass->grams(SpeciesProjection::pick($growth->adultLengthsAtLevels(), LengthBand::LIKELY));
        $fed = fn (float $length): float => (new FedOccupant($candidate->species, $length, $candidate->count, $facility->rulebook->ration()))->feed(null, $facility->rulebook);
        $feed = $fed(SpeciesProjection::pick($growth->adultLengthsAtLevels(), LengthBand::LIKELY));
        $years = $candidate->background->lifespan->high ?? $facility->horizonDays / 365;
        $food = 0.0;
        for ($month = 0; $month < $years * self::MONTHS_PER_YEAR; $month++) {
            $length = SpeciesProjection::pick($growth->lengthsAfter($month / self::MONTHS_PER_YEAR), LengthBand::LIKELY);
            $food += $fed($length) * self::DAYS_PER_MONTH;
        }
        $last = $chain->stays === [] ? null : $chain->stays[count($chain->stays) - 1]->system->litres();
        $litres = $chain->toBuild->litres ?? $last;
        $number = $facility->rulebook->number(...);

        return new self(
            $adult,
            $feed,
            $litres === null ? 0.0 : NitrateCourse::leastShare($number(RuleParameter::NitrateYield) * NitrateLoad::milligramsPerWeek($feed) / $litres, $number(RuleParameter::NitrateTarget), $number(RuleParameter::NitrateTap)),
            $food / self::GRAMS_PER_KG * $number(RuleParameter::FoodPrice),
            ($chain->toBuild->litres ?? 0.0) * $number(RuleParameter::BuildPrice),
            $candidate->price === null ? null : $candidate->count * $candidate->price,
        );
    }

    public function whole(): float
    {
        return $this->foodCost + $this->homeCost + ($this->price ?? 0.0);
    }
}
