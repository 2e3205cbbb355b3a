<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\OutgrowWindow;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/**
 * The same fish from today on with other food, warmth, home or adult size.
 * The past stays as it was and the draws are the same, so what differs is only
 * what was changed.
 */
final readonly class WhatIf
{
    private function __construct(
        private GrowthProjection $growth,
        public System $home,
        public HomeLimit $limit,
        public OutgrowWindow $outgrows,
        /** Grams of dry food a day for all of them, in the water of that home today. */
        public float $feedPerDay,
        /** Share of the water of that home to change each week for it alone, by experience of other tanks. */
        public float $weeklyChange,
    ) {
    }

    /**
     * @param  Ration|null  $ration  null: as it is fed
     * @param  float|null  $celsius  held from today on; null: as expected there
     * @param  System|null  $home  null: where it lives
     * @param  float|null  $adultMm  its adult length as somebody knows it
     */
    public static function of(FacilityGrowth $study, Fish $fish, ?Ration $ration = null, ?float $celsius = null, ?System $home = null, ?float $adultMm = null): self
    {
        $home ??= $study->facility->system($fish->currentSystem());
        $standIn = new System(
            "{$home->key}/what-if", $home->name, $home->kind, $home->pools,
            $celsius === null ? $home->temperature : WaterTemperature::heldAt($celsius),
        );
        $changed = $ration === null ? $fish : $fish->fedFrom($study->facility->date, $ration);
        $growth = $study->projectionOf($adultMm === null ? $changed : $changed->ofStatedAdult($adultMm));
        $rules = new HomeLimits($study->facility->rulebook);
        $shoal = Shoal::of($fish);
        $today = $study->facility->date;
        $fed = new FedOccupant($fish->species, $growth->lengthOn($today)->likely, $fish->count, $changed->rationOn($today));
        $load = SystemLoad::of($home, [$fed], $standIn->temperature?->on($today), $study->facility->rulebook);

        return new self(
            $growth,
            $standIn,
            $rules->limitIn($home, $fish->species, $fish),
            $growth->outgrows(fn (Species $species): float => $shoal->meanWhenLargestIs($rules->limitIn($home, $species, $fish)->millimetres), $standIn),
            $load->feed,
            $load->leastWeeklyChange($study->facility->rulebook->number(RuleParameter::NitrateYield)),
        );
    }

    /** @return list<float> millimetres at each of the drawn quantiles */
    public function quantilesOn(LocalDate $date): array
    {
        return $this->growth->quantilesOn($date, $this->home);
    }

    public function adultLength(): LengthBand
    {
        return $this->growth->adultLength();
    }
}
