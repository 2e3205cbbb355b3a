<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Rank\Elo;
use Biomegas\Company\Rank\PeckingOrder;
use Biomegas\Company\Rank\RatedDay;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;

/** What a year of acts in one home tells: who rules, how often, when, after what, and what to do. */
final readonly class Aggression
{
    /** So many acts without harm of two, and they are sparring. */
    private const HARMLESS = 6;

    /** Of two, so many and at least this share of all: they are where it happens. */
    private const HOT_ACTS = 4;

    private const HOT_SHARE = 0.5;

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<HotPair>  $pairs
     * @param  list<Around>  $around
     * @param  list<NewcomerTrials>  $trials
     * @param  list<OpenCase>  $cases
     * @param  list<RatedDay>  $ratings
     */
    private function __construct(
        public array $acts,
        public PeckingOrder $order,
        public array $ratings,
        /** Null: nobody watched. */
        public ?Rate $rate,
        public Trend $trend,
        /** Null: it is not known when the lights change. */
        public ?LightTally $lights,
        public array $pairs,
        public array $around,
        public array $trials,
        public array $cases,
        /** Null: no case is open. */
        public ?NextStep $next,
    ) {
    }

    /**
     * @param  HomeRecord  $home  what is written down
     * @param  array<string, LocalDate>  $came  when each of those that live here now came, by key
     */
    public static function of(HomeRecord $home, array $came, ?LightSchedule $light, Rulebook $rulebook, LocalDate $today): self
    {
        $trend = Trend::of($home->acts, $home->spans, $today);
        $cases = OpenCase::among($home->acts, array_map(strval(...), array_keys($came)), $home->settled, $home->notEating, $trend, $today);
        $entries = array_values(array_filter($home->changes, fn (HomeChange $change): bool => in_array($change->kind, [ChangeKind::CameIn, ChangeKind::CameBack], true)));

        return new self(
            $home->acts,
            PeckingOrder::of(Contests::ofToday($home->acts, $came)),
            Elo::history(Contests::ofAllTime($home->acts), array_map(fn (HomeChange $change): array => [(string) $change->fish, $change->date], $entries)),
            Rate::of($home->acts, $home->spans),
            $trend,
            $light === null ? null : LightTally::of($home->acts, $light),
            HotPair::among($home->acts),
            Around::all($home->acts, $home->changes, $today),
            NewcomerTrials::all($home->acts, $home->changes, $came, $today),
            $cases,
            $cases === [] ? null : NextStep::of($home->attempts, self::earliest($cases), $rulebook),
        );
    }

    /**
     * What is worth saying, what matters most first.
     *
     * @param  array<string, string>  $names  by key, also of those that are gone
     * @return list<Finding>
     */
    public function findings(array $names): array
    {
        return array_values(array_filter([
            ...array_map(fn (OpenCase $case): Finding => $case->finding($names), $this->cases),
            $this->order->finding($names),
            $this->sayTrend(),
            $this->sayLight(),
            $this->sayHotPair($names),
            $this->sayAround($names),
            ...array_map(fn (NewcomerTrials $trials): Finding => Finding::of('company.pattern.newcomers', resident: $names[$trials->resident], newcomers: $trials->newcomers, beaten: $trials->beaten, over: $trials->soonOver), array_filter($this->trials, fn (NewcomerTrials $trials): bool => $trials->isHabit())),
            ...$this->sayHarmless($names),
        ]));
    }

    private function sayTrend(): ?Finding
    {
        return match ($this->trend) {
            Trend::Rising => Finding::of('company.pattern.rising'),
            Trend::Falling => Finding::of('company.pattern.falling'),
            default => null,
        };
    }

    private function sayLight(): ?Finding
    {
        $hot = $this->lights?->hot();

        return $hot === null ? null : Finding::of('company.pattern.light', acts: $this->lights->acts[$hot->value], timed: $this->lights->timed, light: $hot);
    }

    /** @param  array<string, string>  $names */
    private function sayHotPair(array $names): ?Finding
    {
        $hot = $this->pairs[0] ?? null;

        return $hot === null || $hot->acts < self::HOT_ACTS || $hot->acts < self::HOT_SHARE * count($this->acts) || count($this->pairs) < 2
            ? null
            : Finding::of('company.pattern.pair', actor: $names[$hot->actor], victim: $names[$hot->target], acts: $hot->acts, all: count($this->acts));
    }

    /** @param  array<string, string>  $names */
    private function sayAround(array $names): ?Finding
    {
        foreach ($this->around as $around) {
            if ($around->isWorse() || $around->isBetter()) {
                [$change, $before, $after] = [$around->change, $around->before, $around->after];

                return $change->fish === null
                    ? Finding::of('company.pattern.since_change', date: $change->date, before: $before, after: $after, step: $change->intervention ?? $change->kind)
                    : Finding::of('company.pattern.since_fish', date: $change->date, before: $before, after: $after, change: $change->kind, fish: $names[$change->fish]);
            }
        }

        return null;
    }

    /**
     * Sparring without harm is no reason to part fish.
     *
     * @param  array<string, string>  $names
     * @return list<Finding>
     */
    private function sayHarmless(array $names): array
    {
        $both = [];
        foreach ($this->pairs as $pair) {
            $key = min($pair->actor, $pair->target).'|'.max($pair->actor, $pair->target);
            $both[$key] = [($both[$key][0] ?? 0) + $pair->acts, ($both[$key][1] ?? 0) + $pair->harmful + $pair->decided, $pair];
        }
        $harmless = array_filter($both, fn (array $tally): bool => $tally[0] >= self::HARMLESS && $tally[1] === 0);

        return array_values(array_map(fn (array $tally): Finding => Finding::of('company.pattern.harmless', one: $names[$tally[2]->actor], other: $names[$tally[2]->target], acts: $tally[0]), $harmless));
    }

    /** @param  non-empty-list<OpenCase>  $cases */
    private static function earliest(array $cases): LocalDate
    {
        return array_reduce($cases, fn (LocalDate $first, OpenCase $case): LocalDate => $case->since->isBefore($first) ? $case->since : $first, $cases[0]->since);
    }
}
