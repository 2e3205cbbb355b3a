<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Verdict;
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
    public function plan(Question $question, Budget $budget, int $seed = 1, array $before = []): Plan
    {
        $proposed = $question->mayBuild ? (new ProposedHomes($this->facility, $this->nameOf))->for(array_values($this->lodgers)) : [];
        $placed = (new Placing($this->facility, $this->lodgers, $question, $proposed))->solve($budget, $seed, $before);
        $dated = WorkingDays::of($this->moves($placed));
        $itineraries = $this->itineraries($dated, $placed->systems);
        $check = new PlanCheck($itineraries, $placed->periods->horizon());
        $moves = $this->described($dated, $placed->systems, $itineraries, $check, $question);
        $nobodyMoves = new PlanCheck($this->itineraries([], $placed->systems), $placed->periods->horizon());

        return new Plan(
            $this->facility->date, $placed->periods->horizon(), $moves, $this->openings($moves), $check->breaches(), $nobodyMoves->breaches(),
            $placed->objective, $placed->bound, $placed->leastMoves(count($moves)), $placed->staying, $placed->systems, $itineraries,
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
     * @param  list<array{Lodger, string, string, LocalDate, bool}>  $dated
     * @param  array<string, System>  $systems
     * @return array<string, Itinerary> by fish
     */
    private function itineraries(array $dated, array $systems): array
    {
        return array_map(fn (Lodger $lodger): Itinerary => Itinerary::of($lodger, $this->facility->date, array_map(
            fn (array $move): array => [$systems[$move[2]], $move[3]],
            array_values(array_filter($dated, fn (array $move): bool => $move[0] === $lodger)),
        )), $this->lodgers);
    }

    /**
     * @param  list<array{Lodger, string, string, LocalDate, bool}>  $dated
     * @param  array<string, System>  $systems
     * @param  array<string, Itinerary>  $itineraries
     * @return list<PlanMove>
     */
    private function described(array $dated, array $systems, array $itineraries, PlanCheck $check, Question $question): array
    {
        $reasons = new Reasons($check, $this->facility->rulebook, $question->fixed);
        $moves = [];
        foreach ($dated as [$lodger, $from, $to, $on, $waits]) {
            $itinerary = $itineraries[$lodger->fish->key];
            $comers = self::comers($dated, $from, $on);
            $isFirst = array_filter($moves, fn (PlanMove $before): bool => $before->to->key === $to) === [];
            $moves[] = new PlanMove(
                $lodger->fish, $systems[$from], $systems[$to], $on, $itinerary->bandOn($on)->likely,
                $check->trialOf($lodger->fish)->window($systems[$from], $itinerary->stayOn($on->plusDays(-1))[2]),
                $reasons->of($itinerary, $systems[$from], $systems[$to], $on, array_map(fn (Lodger $comer): string => $comer->fish->name, $comers)),
                $systems[$to]->opening !== null ? ($isFirst ? self::buildingSteps($systems[$to], $on, $this->facility->date) : []) : $this->mends($itinerary, $systems[$to], $on, $check),
                array_map(fn (Lodger $comer): string => $comer->fish->key, $comers),
                $waits,
            );
        }

        return $moves;
    }

    /**
     * @param  list<array{Lodger, string, string, LocalDate, bool}>  $dated
     * @return list<Lodger> who come to a home soon after it was left
     */
    private static function comers(array $dated, string $home, LocalDate $left): array
    {
        return array_values(array_map(
            fn (array $move): Lodger => $move[0],
            array_filter($dated, fn (array $move): bool => $move[2] === $home && ! $move[3]->isBefore($left) && $left->daysUntil($move[3]) <= self::COMES_WITHIN_DAYS),
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

        return array_map(fn (Verdict $verdict): array => [$verdict->change ?? $verdict->finding, $by], $stay->toMend);
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
                    [...($first->for ?? []), $move->fish->key],
                );
            }
        }

        return array_values($openings);
    }
}
