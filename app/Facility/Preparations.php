<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Preparation;
use App\Models\Species;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Readiness\NewHomePlan;
use Biomegas\Water\Readiness\Readying;
use Biomegas\Water\Readiness\Step;

/** The preparation of a system as it is written down, worked out by the core. */
final readonly class Preparations
{
    public static function of(FacilitySnapshot $kept, System $system, Preparation $written): Readying
    {
        $donor = $written->donor_system_id === null ? null : $kept->facility->systems[Keys::ofSystem($written->donor_system_id)] ?? null;

        return Readying::of(
            $system,
            $kept->facility->rulebook->holdingFor($system->key),
            new NewHomePlan(
                LocalDate::fromIso($written->wanted_on), $written->is_built, $written->uses_tap_water, $written->has_starter_fish,
                $written->donor_share, $donor === null ? 0.0 : $kept->load($donor)->today()->ammonia,
            ),
            self::stock($kept, $written),
            $kept->water->tests($system->key),
            self::done($written),
            $kept->facility->date,
        );
    }

    /** @return array<value-of<Step>, LocalDate> */
    private static function done(Preparation $written): array
    {
        $done = [];
        foreach (Step::cases() as $step) {
            if (isset($written->done[$step->value])) {
                $done[$step->value] = LocalDate::fromIso($written->done[$step->value]);
            }
        }

        return $done;
    }

    private static function stock(FacilitySnapshot $kept, Preparation $written): ?FedOccupant
    {
        $species = $written->species_id === null ? null : Species::query()->find($written->species_id);

        $length = TenthMm::toMm($written->length_tenth_mm);

        return $species === null || $written->count === null || $length === null
            ? null
            : new FedOccupant(ScenarioMapper::species($species->current()), $length, $written->count, $kept->facility->rulebook->ration());
    }
}
