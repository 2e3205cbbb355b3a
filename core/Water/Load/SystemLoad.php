<?php

declare(strict_types=1);

namespace Biomegas\Water\Load;

use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Feeding;
use Biomegas\Water\Nitrate\NitrateCourse;
use Biomegas\Water\NitrateLoad;
use Biomegas\Water\Nitrification\Conditions;

/** What the fish of a system ask of its water on one day. */
final readonly class SystemLoad
{
    private function __construct(
        /** Grams of fish. */
        public float $mass,
        /** Grams of dry food a day, as it is fed there: what is left over too. */
        public float $feed,
        /** Grams of nitrogen made as ammonia a day. */
        public float $ammonia,
        /** Grams of nitrogen a day that the filter can turn over at most; null: its media are not known. */
        private ?float $capacity,
        /** By the book. */
        public NitrateCourse $nitrate,
        /** All water that the fish share. */
        public float $litres,
        /** Peak of nitrate that is wanted at most, mg/l. */
        public float $target,
        /** The share to change each week above which the fish have outgrown this water. */
        public float $mostChange,
    ) {
    }

    /**
     * @param  list<FedOccupant>  $fed
     * @param  float|null  $celsius  of the water on that day; null: not known
     */
    public static function of(System $system, array $fed, ?float $celsius, Rulebook $rulebook): self
    {
        return self::whenFed(
            $system,
            array_sum(array_map(fn (FedOccupant $occupant): float => $occupant->mass(), $fed)),
            ($system->habit->ofRation ?? 1.0) * array_sum(array_map(fn (FedOccupant $occupant): float => $occupant->feed($celsius, $rulebook), $fed)),
            $rulebook,
        );
    }

    /**
     * Whoever eats it.
     *
     * @param  float  $feed  grams of dry food a day
     */
    public static function ofFeed(System $system, float $feed, Rulebook $rulebook): self
    {
        return self::whenFed($system, 0.0, $feed, $rulebook);
    }

    private static function whenFed(System $system, float $mass, float $feed, Rulebook $rulebook): self
    {
        $litres = $system->waterLitres();
        $filter = $system->equipment->filter;
        $change = $system->equipment->weeklyChange ?? $rulebook->number(RuleParameter::WeeklyChange);

        $protein = $system->habit->protein ?? Feeding::PROTEIN;

        return new self(
            $mass,
            $feed,
            NitrateLoad::nitrogenPerDay($feed, $protein),
            $filter === null ? null : $filter->surface() * $rulebook->number(RuleParameter::FilterRate),
            new NitrateCourse(
                NitrateLoad::milligramsPerWeek($feed, $protein) / $litres,
                $change,
                $rulebook->number(RuleParameter::NitrateTap),
            ),
            $litres,
            $rulebook->number(RuleParameter::NitrateTarget),
            // Who does change more each week has water for more.
            max($rulebook->number(RuleParameter::ChangeOutgrown), min($rulebook->number(RuleParameter::ChangeMost), $change)),
        );
    }

    /** Grams of nitrogen a day that the filter carries with the reserve it needs to clear them; null: not known. */
    public function carried(): ?float
    {
        return $this->capacity === null ? null : $this->capacity / Conditions::LEAST_RESERVE;
    }

    /** Of what the filter carries; above 1 it is too small. Null: not known. */
    public function filterShare(): ?float
    {
        return $this->capacity === null ? null : $this->ammonia * Conditions::LEAST_RESERVE / $this->capacity;
    }

    /** Ammonia made, mg N/l/d. */
    public function ammoniaPerLitre(): float
    {
        return 1000 * $this->ammonia / $this->litres;
    }

    /** What the filter could turn over in plenty, mg N/l/d; null: not known. */
    public function capacityPerLitre(): ?float
    {
        return $this->capacity === null ? null : 1000 * Conditions::IN_PLENTY * $this->capacity / $this->litres;
    }

    /**
     * The least share to change each week that keeps nitrate at the target.
     *
     * @param  float  $yield  of what the book says
     */
    public function leastWeeklyChange(float $yield = 1.0): float
    {
        return NitrateCourse::leastShare($yield * $this->nitrate->madePerWeek, $this->target, $this->nitrate->tap);
    }

    /** The nitrate that its own tests show, under another weekly change if one is given. */
    public function nitrateYielding(float $yield, ?float $share = null): NitrateCourse
    {
        return new NitrateCourse($yield * $this->nitrate->madePerWeek, $share ?? $this->nitrate->share, $this->nitrate->tap);
    }
}
