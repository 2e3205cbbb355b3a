<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Cost\SystemUpkeep;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\Residents;
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
        /** Years that its life is counted for, likely. */
        public float $years,
        /** Of its whole life, in the facility's money. */
        public float $foodCost,
        /** Its part of the water and power of its last home; null: that is not there yet, and nobody knows. */
        public ?float $keepCost,
        /** Of the home that must be built; 0 when none must. */
        public float $homeCost,
        /** Null: the price is not known. */
        public ?float $price,
        /** @var array{float, float} of food and keeping: a short life of a small one, a long life of a large one */
        private array $running,
    ) {
    }

    /**
     * Null when the mass of its species is not known.
     *
     * @param  Residents  $residents  with whom it will share its last home
     */
    public static function of(Candidate $candidate, SpeciesProjection $growth, HomesAhead $chain, Facility $facility, Residents $residents): ?self
    {
        $mass = $candidate->species->lengthWeight;
        if ($mass === null) {
            return null;
        }
        $grown = $growth->adultLength(LengthBand::LIKELY);
        $feed = self::fed($candidate, $grown, $facility)->feed(null, $facility->rulebook);
        $last = $chain->stays === [] ? null : $facility->system($chain->stays[count($chain->stays) - 1]->system->key);
        $litres = $chain->toBuild->litres ?? $last?->litres();
        $keeping = $last === null || $chain->toBuild !== null ? null : self::keepingPerGram($last, self::fed($candidate, $grown, $facility), $facility, $residents);
        $life = fn (float $years, float $level): float => self::feedOver($years, $level, $candidate, $growth, $facility);
        $years = self::years($candidate, $facility);
        $number = $facility->rulebook->number(...);
        $perGram = $number(RuleParameter::FoodPrice) / self::GRAMS_PER_KG;
        $likely = $life($years[1], LengthBand::LIKELY);

        return new self(
            $candidate->count * $mass->grams($grown),
            $feed,
            $litres === null ? 0.0 : NitrateCourse::leastShare($number(RuleParameter::NitrateYield) * NitrateLoad::milligramsPerWeek($feed) / $litres, $number(RuleParameter::NitrateTarget), $number(RuleParameter::NitrateTap)),
            $years[1],
            $likely * $perGram,
            $keeping === null ? null : $likely * $keeping,
            ($chain->toBuild->litres ?? 0.0) * $number(RuleParameter::BuildPrice),
            $candidate->price === null ? null : $candidate->count * $candidate->price,
            [$life($years[0], LengthBand::LOW) * ($perGram + (float) $keeping), $life($years[2], LengthBand::HIGH) * ($perGram + (float) $keeping)],
        );
    }

    public function whole(): float
    {
        return $this->once() + $this->foodCost + (float) $this->keepCost;
    }

    /** @return array{float, float} low and high */
    public function wholeBetween(): array
    {
        return [$this->once() + $this->running[0], $this->once() + $this->running[1]];
    }

    private function once(): float
    {
        return $this->homeCost + ($this->price ?? 0.0);
    }

    private static function fed(Candidate $candidate, float $length, Facility $facility): FedOccupant
    {
        return new FedOccupant($candidate->species, $length, $candidate->count, $facility->rulebook->ration());
    }

    /** Grams of dry food over so many years at one level of growth. */
    private static function feedOver(float $years, float $level, Candidate $candidate, SpeciesProjection $growth, Facility $facility): float
    {
        $food = 0.0;
        for ($month = 0; $month < $years * self::MONTHS_PER_YEAR; $month++) {
            $food += self::fed($candidate, $growth->lengthAfter($month / self::MONTHS_PER_YEAR, $level), $facility)->feed(null, $facility->rulebook) * self::DAYS_PER_MONTH;
        }

        return $food;
    }

    /** @return array{float, float, float} short, likely and long */
    private static function years(Candidate $candidate, Facility $facility): array
    {
        $span = $candidate->background->lifespan;
        $ahead = $facility->horizonDays / 365;

        return $span === null ? [$ahead, $ahead, $ahead] : [$span->low, ($span->low + $span->high) / 2, $span->high];
    }

    /** Water and power of a home for each gram of food that is eaten there, once this one is grown. */
    private static function keepingPerGram(System $home, FedOccupant $grown, Facility $facility, Residents $residents): float
    {
        $ration = $facility->rulebook->ration();
        $fed = [$grown, ...array_map(fn (Occupant $other): FedOccupant => new FedOccupant($other->species, $other->length, $other->count, $ration), $residents->on($home, $facility->date))];
        $rulebook = $facility->rulebook->holdingFor($home->key);
        $cost = SystemUpkeep::perDay($home, $fed, $facility->date, $rulebook);
        $feed = array_sum(array_map(fn (FedOccupant $one): float => $one->feed($home->temperature?->on($facility->date), $rulebook), $fed));

        return $feed > 0.0 ? ($cost->water + $cost->power) / $feed : 0.0;
    }
}
