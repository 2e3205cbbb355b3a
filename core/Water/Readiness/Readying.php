<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
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
     * @param  list<WaterTest>  $tests  by date
     * @param  array<value-of<Step>, LocalDate>  $done  by step
     * @param  FedOccupant|null  $stock  the first fish that are planned
     */
    public static function of(System $system, Rulebook $rulebook, NewHomePlan $plan, ?FedOccupant $stock, array $tests, array $done, LocalDate $today): self
    {
        $celsius = $system->likelyCelsius($plan->wanted);
        $load = SystemLoad::of($system, $stock === null ? [] : [$stock], $celsius, $rulebook);
        $forecast = LoadForecast::of(
            new Conditions($celsius, $load->capacityPerLitre() ?? Conditions::UNLIMITED, 0.0, Nitrogen::Nitrate->asNitrogen($rulebook->number(RuleParameter::NitrateTap))),
            FilterStart::fresh($plan->donorShare, $plan->donorAmmonia),
            0.0, $stock === null ? self::LIGHT_LOAD : $load->ammoniaPerLitre(), $load->litres, $system->ph,
        );
        $filled = $done[Step::Fill->value] ?? null;
        $since = array_values(array_filter($tests, fn (WaterTest $test): bool => $filled !== null && ! $test->date->isBefore($filled)));
        $cycle = CycleState::judge($since);
        $home = new NewHome($system->kind, $plan->isBuilt, $plan->usesTapWater, $plan->hasStarterFish, self::cycleDays($forecast, $cycle, $filled, $today));

        return new self(Preparation::of($home, $plan->wanted, $done, $today), $cycle, $forecast, ReleaseCheck::findings($since), $home);
    }

    private static function cycleDays(LoadForecast $forecast, CycleState $cycle, ?LocalDate $filled, LocalDate $today): int
    {
        $whole = $forecast->course->clearFrom() ?? self::LONGEST_CYCLE;

        return match (true) {
            $cycle === CycleState::Ready => 0,
            $filled === null => $whole,
            default => max(1, $whole - $filled->daysUntil($today)),
        };
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
            $next->begin->isAfter($today) => [Finding::of('ready.begin_by', begin: $next->begin, step: $this->what($next->step), day: $ready)],
            default => [Finding::of('ready.on_the_way', step: $this->what($next->step), day: $ready)],
        };
    }

    /** @return list<Finding> */
    private function because(): array
    {
        return $this->home->cycleDays > 7 ? [Finding::of('ready.filter_takes', days: $this->home->cycleDays)] : [];
    }

    public function what(Step $step): Finding
    {
        return $step->what($this->home);
    }

    public function why(Step $step): Finding
    {
        return $step->why($this->home);
    }
}
