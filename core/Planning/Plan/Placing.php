<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Placement\Budget;
use Biomegas\Placement\NoPlan;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\Solution;
use Biomegas\Placement\Solver;

/**
 * Finds homes for all fish of a facility. Only those are thought of that touch
 * a limit or a conflict, or move in the plan to begin with; while somebody is
 * left out of rule, those who live where it could go are thought of as well.
 * Few are planned all at once, with a proof; many some at a time, the others
 * held where they are, until nothing gets better.
 */
final class Placing
{
    private const MOST_ROUNDS = 3;

    /** More than these are planned some at a time. */
    private const MOST_AT_ONCE = 24;

    /** Of more fish the time is cut up coarser, and there should be a plan to begin with. */
    public const MANY = 60;

    /** Around one fish, the more the oftener it was tried without gain: how many at once, and seconds for them. */
    private const SOME = [[4, 0.15], [8, 0.4], [16, 1.0], [16, 1.0], [24, 2.0]];

    private const NO_GAIN = 1e-6;

    /** So long it is looked whether those who stand in the way make room for something better. */
    private const SECONDS_TO_LOOK = 0.3;

    /** Of the whole time. */
    private const SHARE_FOR_SOME = 0.05;

    /** No plan better by more than this is worth looking for. */
    private const SLACK = 0.02;

    private readonly Periods $periods;

    private readonly PlacementAdapter $adapter;

    private readonly Weights $weights;

    private readonly AssignmentCost $cost;

    /** @var array<string, System> by key */
    private readonly array $systems;

    /**
     * @param  array<string, Lodger>  $lodgers  all, by fish
     * @param  list<System>  $proposed  that could be built
     */
    public function __construct(
        private readonly Facility $facility,
        private readonly array $lodgers,
        private readonly Question $question,
        array $proposed,
    ) {
        $this->periods = Periods::of($facility->date, min($question->days, $facility->horizonDays), count($lodgers) > self::MANY);
        $this->weights = $question->aim->weights();
        $this->adapter = new PlacementAdapter($facility, $this->periods, $this->weights, $question->fixed);
        $this->systems = array_column([...array_values($facility->systems), ...$proposed], null, 'key');
        $this->cost = new AssignmentCost($facility, $this->periods, $this->weights, $this->adapter, $lodgers, $this->systems);
    }

    /** The day after the last that it looks at. */
    public function horizon(): LocalDate
    {
        return $this->periods->horizon();
    }

    /**
     * @param  list<PlannedStay>  $before  of a plan to begin with; who is not in it stays
     * @param  bool  $isFound  it was found before, and little has changed
     *
     * @throws NoPlan
     */
    public function solve(Budget $budget, int $seed, array $before = [], bool $isFound = false): Placed
    {
        $restless = (new Restless($this->facility, $this->periods, $this->weights, $this->adapter))->among($this->lodgers);
        $moving = array_intersect_key($restless + array_fill_keys(array_map(fn (PlannedStay $stay): string => $stay->fish, [...$this->question->fixed, ...$before]), true), $this->lodgers);
        $paths = array_map(fn (Lodger $lodger): array => $this->pathOf($lodger, $before), $this->lodgers);
        if (count($moving) > self::MOST_AT_ONCE) {
            return $this->place($moving, $this->improvedSomeAtATime($moving, $paths, $budget, $seed), $budget, $seed);
        }
        $placed = $this->place($moving, $paths, $budget, $seed, $isFound);
        for ($round = 1; $round < self::MOST_ROUNDS && ! $budget->isSpent(self::SHARE_FOR_SOME); $round++) {
            $moving += $this->inTheWay($placed->paths, array_keys($moving));
            if (count($moving) > self::MOST_AT_ONCE || count($moving) === count($this->lodgers) - count($placed->staying)) {
                break;
            }
            $looked = $this->place($moving, $placed->paths, $budget->part(self::SECONDS_TO_LOOK), $seed, true);
            if ($looked->paths == $placed->paths) {
                break;
            }
            $placed = $this->place($moving, $looked->paths, $budget, $seed, true);
        }

        return $placed;
    }

    /**
     * @param  list<PlannedStay>  $stays
     * @return list<string> system by period
     */
    private function pathOf(Lodger $lodger, array $stays): array
    {
        $own = array_filter($stays, fn (PlannedStay $stay): bool => $stay->fish === $lodger->fish->key && isset($this->systems[$stay->system]));
        $path = [];
        for ($t = 0; $t < $this->periods->count(); $t++) {
            $there = array_filter($own, fn (PlannedStay $stay): bool => $stay->covers($this->periods->start($t)));
            $path[] = $there === [] ? $lodger->home->key : $there[array_key_last($there)]->system;
        }

        return $path;
    }

    /**
     * @param  array<string, true>  $moving
     * @param  array<string, list<string>>  $paths
     * @param  bool  $isFound  they are of a plan that was found before
     */
    private function place(array $moving, array $paths, Budget $budget, int $seed, bool $isFound = false): Placed
    {
        $others = array_values(array_diff_key($this->lodgers, $moving));
        [$objective, $bound] = [0.0, 0.0];
        foreach (Regions::of(array_values(array_intersect_key($this->lodgers, $moving)), array_values($this->systems), $this->adapter) as [$lodgers, $systems]) {
            $solution = $this->solution($this->adapter->problem($lodgers, $others, $systems, $paths), $paths, $budget, $seed, $isFound);
            $paths = [...$paths, ...$solution->assignments];
            [$objective, $bound] = [$objective + $solution->objective, $bound + $solution->bound];
        }

        return new Placed($paths, $this->systems, $this->periods, $objective, $bound, array_map(fn (Lodger $lodger): string => $lodger->fish->key, $others), $this->weights);
    }

    /**
     * @param  array<string, true>  $moving
     * @param  array<string, list<string>>  $paths
     * @return array<string, list<string>>
     */
    private function improvedSomeAtATime(array $moving, array $paths, Budget $budget, int $seed): array
    {
        $systems = array_values($this->systems);
        $tries = array_fill_keys(array_keys($moving), 0);
        $unease = $this->cost->unease($paths);
        while (! $budget->isSpent(self::SHARE_FOR_SOME)) {
            $first = $this->mostUneasy(array_intersect_key($unease, $moving), $tries);
            if ($first === null) {
                break;
            }
            [$most, $seconds] = self::SOME[$tries[$first]];
            $some = $this->around($first, $tries[$first], $most, array_intersect_key($paths, $moving), $unease);
            $tries[$first]++;
            $problem = $this->adapter->problem(array_values(array_intersect_key($this->lodgers, $some)), array_values(array_diff_key($this->lodgers, $some)), $systems, $paths);
            $solution = $this->solution($problem, $paths, $budget->part($seconds), $seed);
            if ($solution->objective < (1 - self::NO_GAIN) * PlanCost::of($problem, self::asPlaces($problem, $paths))) {
                $paths = [...$paths, ...$solution->assignments];
                $tries[$first] = 0;
                $unease = $this->cost->unease($paths);
            }
            $budget->tell('some', array_sum($unease) + $this->cost->ofMovesAndOpenings($paths), 0.0);
        }

        return $paths;
    }

    /**
     * The one that costs most, the less so the more often it was tried without gain.
     *
     * @param  array<string, float>  $unease  by fish
     * @param  array<string, int>  $tries  by fish
     * @return string|null null: nobody, or all were tried often enough
     */
    private function mostUneasy(array $unease, array $tries): ?string
    {
        $left = [];
        foreach ($unease as $key => $cost) {
            if ($cost >= $this->weights->move && $tries[$key] < count(self::SOME)) {
                $left[$key] = $cost / (1 + $tries[$key]);
            }
        }
        arsort($left);

        return array_key_first($left);
    }

    /**
     * A fish, those who live where it does, and those who live in one of the
     * systems that would do for it: another one with each try.
     *
     * @param  array<string, list<string>>  $paths
     * @param  array<string, float>  $unease  by fish
     * @return array<string, true>
     */
    private function around(string $first, int $try, int $most, array $paths, array $unease): array
    {
        $targets = array_values(array_diff(array_keys($this->takenBy($this->lodgers[$first])), $paths[$first]));
        $target = $targets === [] ? null : $targets[$try % count($targets)];
        arsort($unease);
        $mates = $guests = [];
        foreach (array_intersect_key($unease, $paths) as $key => $cost) {
            if (array_intersect($paths[$key], $paths[$first]) !== []) {
                $mates[$key] = true;
            } elseif (in_array($target, $paths[$key], true)) {
                $guests[$key] = true;
            }
        }
        $guests = array_slice($guests, 0, intdiv($most, 2));

        return [$first => true] + array_slice($mates, 0, $most - count($guests)) + $guests;
    }

    /** @return array<string, true> systems that would do for it by itself */
    private function takenBy(Lodger $lodger): array
    {
        return array_map(fn (): bool => true, array_filter(
            $this->systems,
            fn (System $system): bool => array_sum(array_map(fn (?float $cost): float => $cost ?? Weights::DANGER, $this->adapter->ownStrain($lodger, $system))) < $this->weights->move,
        ));
    }

    /** @param  array<string, list<string>>  $paths */
    private function solution(Problem $problem, array $paths, Budget $budget, int $seed, bool $isFound = false): Solution
    {
        return Solver::solve($problem, $budget, $seed, self::asPlaces($problem, $paths), self::SLACK, $isFound);
    }

    /**
     * @param  array<string, list<string>>  $paths
     * @return array<int, list<int>> place of the system by unit and period
     */
    private static function asPlaces(Problem $problem, array $paths): array
    {
        $place = array_flip($problem->systems);

        return array_map(fn (string $unit): array => array_map(fn (string $system): int => $place[$system], $paths[$unit]), $problem->units);
    }

    /**
     * Who lives where somebody could go that is out of rule, or for whom a home must be opened.
     *
     * @param  array<string, list<string>>  $paths
     * @param  list<string>  $moving
     * @return array<string, true>
     */
    private function inTheWay(array $paths, array $moving): array
    {
        $unease = $this->cost->unease($paths);
        $wanted = [];
        foreach ($moving as $key) {
            $isOpened = array_filter($paths[$key], fn (string $system): bool => $this->systems[$system]->opening !== null) !== [];
            $wanted += $isOpened || $unease[$key] >= $this->weights->move ? $this->takenBy($this->lodgers[$key]) : [];
        }

        return array_map(fn (): bool => true, array_filter($this->lodgers, fn (Lodger $lodger): bool => isset($wanted[$lodger->home->key])));
    }
}
