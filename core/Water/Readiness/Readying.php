<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Rulebook;
use Biomegas\Facility\RuleParameter;
use Biomegas\Facility\System;
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
        /** @var list<string> what the tests do not show yet as it should be before release */
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
        $since = array_values(array_filter($tests, fn (WaterTest $one): bool => $filled !== null && ! $one->date->isBefore($filled)));
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

    /** When it can be ready, and why not sooner. */
    public function sentence(LocalDate $today): string
    {
        $next = $this->preparation->next();
        $day = $this->preparation->notBefore->inWords();

        return match (true) {
            $this->forecast->outcome() === Outcome::FilterTooSmall => 'The filter is too small for the stock that is planned: more media first.',
            $next === null => 'Ready: every step is done.',
            $this->preparation->isLate() => "Not before {$day}, ".$this->preparation->wanted->daysUntil($this->preparation->notBefore).' days later than wanted.'.$this->because(),
            $next->begin->isAfter($today) => "Begin by {$next->begin->inWords()}: {$this->verb($next)}. It could be ready on {$day}.",
            default => "On the way: {$this->verb($next)}. Ready on {$day} at the earliest.",
        };
    }

    private function because(): string
    {
        return $this->home->cycleDays > 7 ? " The filter takes {$this->home->cycleDays} of them; media from a running one would shorten that." : '';
    }

    private function verb(ScheduledStep $step): string
    {
        return lcfirst($step->step->words($this->home));
    }

    /** @return array{string, string} what to do, and why */
    public function wordsOf(Step $step): array
    {
        return [$step->words($this->home), $step->why($this->home)];
    }
}
