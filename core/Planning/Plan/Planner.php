<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Placement\Budget;
use Biomegas\Placement\NoPlan;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Water\Readiness\Preparation;
use Biomegas\Water\Readiness\ScheduledStep;
use Closure;

/** Makes a plan for a facility: finds homes, dates the moves, says why, and holds the whole against the judge. */
final readonly class Planner
{
    /** What speaks against a home that an afternoon mends is mended so many days before. */
    private const MEND_DAYS = 7;

    /** Who comes so many days later came for the room. */
    private const COMES_WITHIN_DAYS = 60;

    /**
     * @param  array<string, Lodger>  $lodgers  all fish, by key
     * @param  Closure(HomeToBuild): string  $nameOf  of a home that could be built
     */
    public function __construct(
        private Facility $facility,
        private array $lodgers,
        private Closure $nameOf,
    ) {
    }

    /**
     * @param  list<PlannedStay>  $before  of a plan to begin with
     *
     * @throws NoPlan
     */
    public function decide(Question $question, Budget $budget, int $seed = 1, array $before = []): Decision
    {
        $proposed = $question->mayBuild ? (new ProposedHomes($this->facility, $this->nameOf))->for(array_values($this->lodgers)) : [];
        $placing = new Placing($this->facility, $this->lodgers, $question, $proposed);
        $byTheWeek = fn (): Decision => WeekByWeek::decide($this->facility, $this->lodgers, $this->facility->date->daysUntil($placing->horizon()), $question->fixed);
        // Of many fish from everybody's staying the way to a good plan is too long, and who could make room for others is told by who does so by the week.
        $simple = $before === [] && count($this->lodgers) > Placing::MANY ? $byTheWeek() : null;
        $placed = $simple === null ? $placing->solve($budget, $seed, $before, $before !== []) : $placing->solve($budget->fromNow(), $seed, $simple->stays());
        $moves = WorkingDays::of($this->moves($placed));
        $used = array_map(fn (DecidedMove $move): string => $move->to, $moves);
        $decision = new Decision(
            $moves, array_values(array_filter($proposed, fn (System $system): bool => in_array($system->key, $used, true))),
            $placing->horizon(), $placed->objective, $placed->bound, $placed->leastMoves(count($moves)), $placed->staying,
        );
        $days = $this->daysOutOfRule($decision);
        if ($days === 0) {
            return $decision;
        }
        // A plan that is cut into periods may, in a house where much cannot be kept, break rules for longer than one that goes by the week: then that one.
        $simple ??= $byTheWeek();

        return $this->daysOutOfRule($simple) < $days ? $simple : $decision;
    }

    private function daysOutOfRule(Decision $decision): int
    {
        $systems = [...$this->facility->systems, ...array_column($decision->built, null, 'key')];

        return array_sum(array_map(fn (Breach $breach): int => $breach->days(), (new PlanCheck($this->itineraries($decision->moves, $systems), $decision->horizon))->breaches()));
    }

    /** @return non-empty-list<Finding> what the judge says if one fish went to another home on a day, everybody else as decided */
    public function whyNotThere(Decision $decision, string $fish, string $system, LocalDate $day): array
    {
        $systems = [...$this->facility->systems, ...array_column($decision->built, null, 'key')];
        $itineraries = $this->itineraries($decision->moves, $systems);

        return (new WhyNotThere($this->facility->rulebook, $itineraries, new PlanCheck($itineraries, $decision->horizon)))->of($fish, $systems[$system], $day);
    }

    /** @param  list<PlannedStay>  $fixed  who must be where, and when */
    public function describe(Decision $decision, array $fixed = []): Plan
    {
        $systems = [...$this->facility->systems, ...array_column($decision->built, null, 'key')];
        $itineraries = $this->itineraries($decision->moves, $systems);
        $check = new PlanCheck($itineraries, $decision->horizon);
        $moves = $this->described($decision->moves, $systems, $itineraries, $check, new Reasons($check, $this->facility->rulebook, $fixed));

        $openings = $this->openings($moves);

        return new Plan(
            $this->facility->date, $decision, $moves, $openings, $check->breaches(), Lanes::of($this->facility, $itineraries, $systems, $decision->horizon),
            PlanCosts::of($this->facility, $itineraries, $systems, $openings, $decision->horizon),
        );
    }

    /** @return list<array{Lodger, string, string, LocalDate}> */
    private function moves(Placed $placed): array
    {
        $moves = [];
        foreach ($placed->paths as $key => $path) {
            $before = $this->lodgers[$key]->home->key;
            foreach ($path as $t => $system) {
                if ($system !== $before) {
                    $moves[] = [$this->lodgers[$key], $before, $system, $placed->periods->start($t)];
                    $before = $system;
                }
            }
        }

        return $moves;
    }

    /**
     * @param  list<DecidedMove>  $decided
     * @param  array<string, System>  $systems
     * @return array<string, Itinerary> by fish
     */
    private function itineraries(array $decided, array $systems): array
    {
        return Itineraries::of($this->lodgers, $decided, $systems, $this->facility->date);
    }

    /**
     * @param  list<DecidedMove>  $decided
     * @param  array<string, System>  $systems
     * @param  array<string, Itinerary>  $itineraries
     * @return list<PlanMove>
     */
    private function described(array $decided, array $systems, array $itineraries, PlanCheck $check, Reasons $reasons): array
    {
        $moves = [];
        $building = [];
        foreach ($decided as $move) {
            $itinerary = $itineraries[$move->fish];
            $fish = $itinerary->lodger->fish;
            [$from, $to] = [$systems[$move->from], $systems[$move->to]];
            $comers = $this->comers($decided, $move);
            $window = $check->trialOf($fish)->window($from, $itinerary->stayOn($move->on->plusDays(-1))[2]);
            $length = $itinerary->bandOn($move->on)->likely;
            $moves[] = new PlanMove(
                $fish, $from, $to, $move->on, $length, $window,
                $reasons->of($itinerary, $from, $to, $move->on, array_map(fn (Fish $comer): string => $comer->name, $comers)),
                match (true) {
                    $to->opening === null => $this->mends($itinerary, $to, $move->on, $check),
                    isset($building[$to->key]) => [],
                    default => self::buildingSteps($to, $move->on, $this->facility->date),
                },
                $comers,
                $move->waitsInTub,
                $move->atLength ?? ($window[1] === null ? null : $length),
            );
            $building[$to->key] = true;
        }

        return $moves;
    }

    /**
     * @param  list<DecidedMove>  $decided
     * @return list<Fish> who come to a home soon after it was left
     */
    private function comers(array $decided, DecidedMove $left): array
    {
        return array_values(array_map(
            fn (DecidedMove $move): Fish => $this->lodgers[$move->fish]->fish,
            array_filter($decided, fn (DecidedMove $move): bool => $move->to === $left->from && ! $move->on->isBefore($left->on) && $left->on->daysUntil($move->on) <= self::COMES_WITHIN_DAYS),
        ));
    }

    /** @return list<array{Finding, LocalDate}> by day */
    private static function buildingSteps(System $home, LocalDate $on, LocalDate $today): array
    {
        return array_map(fn (ScheduledStep $step): array => [$step->what, $step->begin], Preparation::of(ProposedHomes::toBuild($home->kind), $on, [], $today)->steps);
    }

    /** @return list<array{Finding, LocalDate}> what an afternoon puts right */
    private function mends(Itinerary $itinerary, System $to, LocalDate $on, PlanCheck $check): array
    {
        $stay = $check->trialOf($itinerary->lodger->fish)->planned($to, $itinerary->stayOn($on)[2], $on);
        $by = LocalDate::later($on->plusDays(-self::MEND_DAYS), $this->facility->date);

        return array_map(
            fn (Finding $what): array => [$what, $by],
            [...array_map(fn (Verdict $verdict): Finding => $verdict->change ?? $verdict->finding, $stay->toMend), ...self::unknownSeasons($itinerary->lodger->fish, $to)],
        );
    }

    /** @return list<Finding> no rule can hold a fish against the seasons of a pond that nobody has written down */
    private static function unknownSeasons(Fish $fish, System $to): array
    {
        $wanted = $fish->species->keepingRange;

        return $to->kind === SystemKind::Pond && $to->temperature === null && $wanted !== null
            ? [Finding::of('plan.unknown_seasons', system: $to->name, fish: $fish->name, wanted: TemperatureSpan::ofCelsius($wanted->low, $wanted->high))]
            : [];
    }

    /**
     * @param  list<PlanMove>  $moves
     * @return list<PlanOpening>
     */
    private function openings(array $moves): array
    {
        $openings = [];
        foreach ($moves as $move) {
            if ($move->to->opening !== null) {
                $first = $openings[$move->to->key] ?? null;
                $openings[$move->to->key] = new PlanOpening(
                    $move->to, $first->by ?? $move->on, $first->latestStart ?? $move->on->plusDays(-$move->to->opening->leadDays), $move->to->opening->price,
                    [...($first->for ?? []), $move->fish],
                );
            }
        }

        return array_values($openings);
    }
}
