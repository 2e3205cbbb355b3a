<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Steps\Arrangement;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\FilterStart;
use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\Test\WaterTest;

/** A new system on its way to its first stock: the steps, how far its filter is, and what the stock would do to the water. */
final readonly class Readying
{
    /** Taken where no stock is planned yet: a light one, mg N/l/d. */
    private const LIGHT_LOAD = 0.2;

    /** When nothing clears within the forecast. */
    private const LONGEST_CYCLE = 60;

    private function __construct(
        public Preparation $preparation,
        public CycleState $cycle,
        public LoadForecast $forecast,
        /** @var list<Finding> what the tests do not show yet as it should be before release */
        public array $findings,
        private NewHome $home,
    ) {
    }

    /**
     * @param  FedOccupant|null  $stock  the first fish that are planned
     * @param  list<WaterTest>  $tests  since its last use, by date
     * @param  array<string, LocalDate>  $done  by key of the step, the day it was ticked
     * @param  Starters|null  $starters  null: no fish has run it in
     */
    public static function of(System $system, Rulebook $rulebook, NewHomePlan $plan, ?FedOccupant $stock, array $tests, array $done, LocalDate $today, ?Starters $starters = null, Arrangement $arrangement = new Arrangement): self
    {
        $celsius = $system->likelyCelsius($plan->wanted);
        $load = SystemLoad::of($system, $stock === null ? [] : [$stock], $celsius, $rulebook);
        $fresh = FilterStart::fresh($plan->donorShare, $plan->donorAmmonia);
        $forecast = LoadForecast::of(
            new Conditions($celsius, $load->capacityPerLitre() ?? Conditions::UNLIMITED, 0.0, Nitrogen::Nitrate->asNitrogen($rulebook->number(RuleParameter::NitrateTap))),
            $starters === null ? $fresh : $fresh->after($starters->past),
            $starters->load ?? 0.0, $stock === null ? self::LIGHT_LOAD : $load->ammoniaPerLitre(), $load->litres, $system->ph,
        );
        $seen = new SeenSteps($tests, $starters?->came, $starters?->left);
        $filled = $done[Step::Fill->value] ?? $seen->days[Step::Fill->value] ?? null;
        $since = array_values(array_filter($tests, fn (WaterTest $test): bool => $filled !== null && ! $test->date->isBefore($filled)));
        $cycle = CycleState::judge($since);
        $elapsed = $filled === null || $starters !== null ? 0 : $filled->daysUntil($today);
        $home = new NewHome($system->kind, $plan->isBuilt, $plan->usesTapWater, $plan->hasStarterFish || $starters !== null, self::cycleDays($forecast, $cycle, $elapsed));

        return new self(Preparation::of($home, $plan->wanted, $done, $today, $seen->days, $arrangement), $cycle, $forecast, ReleaseCheck::findings($since), $home);
    }

    /** @param  int  $elapsed  days of it that are over and that the forecast does not know of */
    private static function cycleDays(LoadForecast $forecast, CycleState $cycle, int $elapsed): int
    {
        $whole = $forecast->course->clearFrom() ?? self::LONGEST_CYCLE;

        return $cycle === CycleState::Ready ? 0 : ($elapsed === 0 ? $whole : max(1, $whole - $elapsed));
    }

    /** @return non-empty-list<Finding> when it can be ready, and why not sooner */
    public function advice(LocalDate $today): array
    {
        $next = $this->preparation->next();
        $ready = $this->preparation->notBefore;

        return match (true) {
            $this->forecast->outcome() === Outcome::FilterTooSmall => [Finding::of('ready.filter_too_small')],
            $next === null => [Finding::of('ready.done')],
            $this->preparation->isLate() => [Finding::of('ready.late', day: $ready, days: $this->preparation->wanted->daysUntil($ready)), ...$this->because()],
            $next->begin->isAfter($today) => [Finding::of('ready.begin_by', begin: $next->begin, step: $next->what, day: $ready)],
            default => [Finding::of('ready.on_the_way', step: $next->what, day: $ready)],
        };
    }

    /** @return list<Finding> */
    private function because(): array
    {
        return $this->home->cycleDays > 7 ? [Finding::of('ready.filter_takes', days: $this->home->cycleDays)] : [];
    }
}
