<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Fish as FishRecord;
use App\Models\Watch as Written;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\Check;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\TriedIntervention;
use Biomegas\Moving\Watch\WatchCase;
use Biomegas\Moving\Watch\WatchState;
use Illuminate\Support\Collection;

/** Watches as they are written down, in the core's words. */
final readonly class Watches
{
    private const MOST = 100;

    /** What the clock of the facility shows. */
    public static function now(): LocalMoment
    {
        return app(TimeOfDay::class)->now();
    }

    /** @return Collection<int, Written> those that go on, of fish that are there */
    public static function going(FacilitySnapshot $kept): Collection
    {
        return Written::query()->with(['checks', 'interventions'])->whereNull('ended')->orderBy('began_at')->orderBy('id')->limit(self::MOST)->get()
            ->filter(fn (Written $watch): bool => $kept->find($watch->fish_id) !== null);
    }

    /** @return Collection<int, Written> those that go on and were added in the same go, itself among them */
    public static function addedWith(FacilitySnapshot $kept, Written $watch): Collection
    {
        return self::going($kept)->filter(fn (Written $other): bool => self::additionOf($other) === self::additionOf($watch));
    }

    /** What all share that went into one home in one go. */
    public static function additionOf(Written $watch): string
    {
        return "{$watch->system_id}@{$watch->began_at}";
    }

    public static function stateOf(FacilitySnapshot $kept, Written $watch): WatchState
    {
        return WatchState::of(self::caseOf($kept, $watch), self::checks($kept, $watch), self::tried($watch), $kept->facility->rulebook, self::now());
    }

    public static function caseOf(FacilitySnapshot $kept, Written $watch): WatchCase
    {
        $fish = $kept->find($watch->fish_id);
        $home = $kept->system($watch->system_id);
        $company = array_filter($kept->facility->residentsOf($home), fn (Fish $fish): bool => $fish->key !== Keys::ofFish($watch->fish_id));

        return WatchCase::of(
            $fish->name ?? FishRecord::query()->findOrFail($watch->fish_id)->name,
            LocalMoment::fromIso($watch->began_at),
            $home->equipment->light,
            $fish?->species,
            $watch->is_return,
            array_values(array_map(fn (Fish $fish): Species => $fish->species, $company)),
        );
    }

    /** @return list<Check> by time */
    public static function checks(FacilitySnapshot $kept, Written $watch): array
    {
        return array_values($watch->checks->map(fn (WatchCheck $check): Check => new Check(
            LocalMoment::fromIso($check->at),
            array_map(CheckItem::from(...), $check->troubles),
            $check->has_eaten,
            self::nameOf($kept, $check->chased_by_id),
            self::nameOf($kept, $check->chases_id),
        ))->all());
    }

    /** Null: nobody. */
    public static function nameOf(FacilitySnapshot $kept, ?int $fishId): ?string
    {
        return $fishId === null ? null : ($kept->find($fishId)->name ?? $kept->says()->phrase(Finding::of('watch.somebody')));
    }

    /** @return list<TriedIntervention> */
    public static function tried(Written $watch): array
    {
        return array_values($watch->interventions->map(fn (WatchIntervention $intervention): TriedIntervention => new TriedIntervention($intervention->intervention, $intervention->success))->all());
    }
}
