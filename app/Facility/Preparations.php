<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Preparation;
use App\Models\Species;
use App\Models\Stay;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Readiness\NewHomePlan;
use Biomegas\Water\Readiness\Readying;
use Biomegas\Water\Readiness\ScheduledStep;
use Biomegas\Water\Readiness\Starters;
use Biomegas\Water\Readiness\Step;
use Biomegas\Water\Test\WaterTest;

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
            self::tests($kept, $system, $written),
            array_map(LocalDate::fromIso(...), $written->done),
            $kept->facility->date,
            self::starters($kept, $system, $written),
            Arrangements::read($written->arrangement),
        );
    }

    /**
     * @param  list<ArrangedStep>  $wanted  in working order; none: as usual again
     *
     * @throws InvalidEntry when a step that guards somebody is left out
     */
    public static function arrange(FacilitySnapshot $kept, System $system, Preparation $written, array $wanted): void
    {
        $written->arrangement = null;
        $usual = self::of($kept, $system, $written)->preparation->steps;
        $arrangement = Arrangement::of(
            $wanted,
            array_column(array_map(fn (ScheduledStep $step): array => [$step->key, (float) $step->days], $usual), 1, 0),
            array_map(fn (Step $step): string => $step->value, array_values(array_filter(Step::cases(), fn (Step $step): bool => $step->isNeeded()))),
        );
        $written->update(['arrangement' => Arrangements::write($arrangement)]);
    }

    /** @return list<WaterTest> since fish last lived in it for good */
    private static function tests(FacilitySnapshot $kept, System $system, Preparation $written): array
    {
        $last = Stay::query()->where('system_id', $written->system_id)->where('until', '<', self::begun($written))->max('until');

        return array_values(array_filter($kept->water->tests($system->key), fn (WaterTest $test): bool => $last === null || $test->date->isAfter(LocalDate::fromIso($last))));
    }

    /** Whoever lives in a home that is being prepared, or left it since that began, runs its filter in. */
    private static function starters(FacilitySnapshot $kept, System $system, Preparation $written): ?Starters
    {
        $stays = Stay::query()->where('system_id', $written->system_id)->where(fn ($either) => $either->whereNull('until')->orWhere('until', '>=', self::begun($written)))->get();
        $came = $stays->min('from');
        $isThere = $stays->contains(fn (Stay $stay): bool => $stay->until === null);
        $left = $isThere ? null : $stays->max('until');

        return $came === null ? null : new Starters(
            LocalDate::fromIso($came), $left === null ? null : LocalDate::fromIso($left),
            $kept->load($system)->today()->ammoniaPerLitre(), FilterBook::past($kept, $system),
        );
    }

    /** The day on which it was first planned. */
    private static function begun(Preparation $written): string
    {
        return $written->created_at?->toDateString() ?? $written->wanted_on;
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
