<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Placement\Budget;
use Biomegas\Placement\NoPlan;
use Biomegas\Placement\Solution;
use Biomegas\Placement\Solver;

/**
 * Finds homes for all fish of a facility. At first only those are thought of
 * that touch a limit or a conflict; while somebody is left out of rule, those
 * who live where they could go are thought of as well.
 */
final class Placing
{
    private const MOST_ROUNDS = 3;

    /** Beyond this the proof takes longer than anybody waits. */
    private const MOST_MOVING = 60;

    private readonly Periods $periods;

    private readonly PlacementAdapter $adapter;

    private readonly Weights $weights;

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
        $this->periods = Periods::of($facility->date, min($question->days, $facility->horizonDays));
        $this->weights = $question->aim->weights();
        $this->adapter = new PlacementAdapter($facility, $this->periods, $this->weights, $question->fixed);
        $this->systems = array_column([...array_values($facility->systems), ...$proposed], null, 'key');
    }

    /**
     * @param  array<string, list<string>>  $before  a plan to begin with, system by period
     *
     * @throws NoPlan
     */
    public function solve(Budget $budget, int $seed, array $before = []): Placed
    {
        $moving = (new Restless($this->facility, $this->periods, $this->weights, $this->adapter))->among($this->lodgers)
            + array_fill_keys(array_map(fn (PlannedStay $stay): string => $stay->fish, $this->question->fixed), true);
        $moving = array_intersect_key($moving, $this->lodgers);
        for ($round = 1; ; $round++) {
            $placed = $this->place($moving, $budget, $seed, $before, $round / self::MOST_ROUNDS);
            $more = $round === self::MOST_ROUNDS || $budget->isSpent() ? [] : array_diff_key($this->inTheWay($placed, $moving), $moving);
            if ($more === [] || count($moving) + count($more) > self::MOST_MOVING) {
                return $placed;
            }
            $moving += $more;
            $before = $placed->assignments;
        }
    }

    /**
     * @param  array<string, true>  $moving
     * @param  array<string, list<string>>  $before
     */
    private function place(array $moving, Budget $budget, int $seed, array $before, float $share): Placed
    {
        $staying = array_values(array_diff_key($this->lodgers, $moving));
        $assignments = array_map(fn (Lodger $lodger): array => array_fill(0, $this->periods->count(), $lodger->home->key), $this->lodgers);
        [$objective, $bound, $isProven] = [0.0, 0.0, true];
        foreach (Regions::of(array_values(array_intersect_key($this->lodgers, $moving)), array_values($this->systems), $this->adapter) as [$lodgers, $systems]) {
            $problem = $this->adapter->problem($lodgers, $staying, $systems);
            $solution = $this->solution($problem, $budget, $seed, $before, $share);
            $assignments = [...$assignments, ...$solution->assignments];
            [$objective, $bound, $isProven] = [$objective + $solution->objective, $bound + $solution->bound, $isProven && $solution->isOptimal];
        }

        return new Placed($assignments, $this->systems, $this->periods, $objective, $bound, $isProven, array_map(fn (Lodger $lodger): string => $lodger->fish->key, $staying), $this->weights);
    }

    /** @param  array<string, list<string>>  $before */
    private function solution(\Biomegas\Placement\Problem $problem, Budget $budget, int $seed, array $before, float $share): Solution
    {
        return Solver::solve($problem, $budget, $seed);
    }

    /**
     * Who lives where somebody could go that is out of rule, or goes to a home that must be opened for it.
     *
     * @param  array<string, true>  $moving
     * @return array<string, true>
     */
    private function inTheWay(Placed $placed, array $moving): array
    {
        $wanted = [];
        foreach (array_intersect_key($this->lodgers, $moving) as $key => $lodger) {
            if ($this->isUneasy($lodger, $placed->assignments[$key])) {
                foreach ($this->facility->systems as $system) {
                    if (array_sum(array_map(fn (?float $cost): float => $cost ?? Weights::DANGER, $this->adapter->ownStrain($lodger, $system))) < $this->weights->move) {
                        $wanted[$system->key] = true;
                    }
                }
            }
        }

        return array_map(fn (): bool => true, array_filter($this->lodgers, fn (Lodger $lodger): bool => isset($wanted[$lodger->home->key])));
    }

    /** @param  list<string>  $path */
    private function isUneasy(Lodger $lodger, array $path): bool
    {
        $strain = 0.0;
        foreach ($path as $t => $system) {
            if ($this->systems[$system]->opening !== null) {
                return true;
            }
            $strain += $this->adapter->ownStrain($lodger, $this->systems[$system])[$t] ?? 0.0;
        }

        return $strain >= $this->weights->move;
    }
}
