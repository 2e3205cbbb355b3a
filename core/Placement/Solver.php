<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Finds a plan and a bound: first a plan by improvement, then the proof, which
 * often finds better plans on its way; what time remains goes into improvement
 * again. Everything is counted in rounds, so that the same seed gives the same
 * answer unless the time cuts it short.
 */
final class Solver
{
    private const FIRST_ROUNDS = 600;

    private const FIRST_ROUNDS_OF_A_UNIT = 20;

    private const ROUNDS_OF_A_FOUND_PLAN = 200;

    private const FIRST_TURNS = 1;

    private const MORE_TURNS = 40;

    /** From plans near to the mixtures behind the bound, and that until this share of the whole time. */
    private const TURNS_FROM_MIXTURES = 24;

    private const ROUNDS_FROM_MIXTURES = 300;

    private const SHARE_FROM_MIXTURES = 0.9;

    private const ROUNDS_IN_A_TURN = 4000;

    private const ROUNDS_OF_A_UNIT_IN_A_TURN = 40;

    private const TRIALS_IN_A_TURN = 4;

    /** A turn that saves more than this share of the cost is followed by another of its species. */
    private const MUCH = 0.005;

    /** Of the whole time: when the first plan must be there. */
    private const FIRST_SHARE = 0.2;

    private readonly Incumbent $incumbent;

    private readonly Improvement $improvement;

    private readonly OpeningTrials $openings;

    private readonly BranchAndBound $proof;

    private function __construct(
        private readonly Problem $problem,
        private readonly Budget $budget,
        int $seed,
        /** @var array<int, list<int>> */
        private readonly array $start,
        float $slack,
        private readonly bool $isFound,
    ) {
        $this->incumbent = new Incumbent($slack);
        $random = new Randomizer(new Mt19937($seed));
        $this->improvement = new Improvement($problem, $random, $this->incumbent);
        $this->openings = new OpeningTrials($problem, $random, $this->incumbent);
        $this->proof = new BranchAndBound($problem, $this->incumbent, $this->improvement, $budget);
    }

    /**
     * @param  array<int, list<int>>  $start  a plan to begin with, system by unit and period; none: one is made
     * @param  float  $slack  the search ends when no plan is better by more than this share of the cost
     * @param  bool  $isFound  the plan to begin with was found before, and little has changed: it is proven before much is done to better it
     *
     * @throws NoPlan
     */
    public static function solve(Problem $problem, Budget $budget, int $seed = 1, array $start = [], float $slack = 0.0, bool $isFound = false): Solution
    {
        return (new self($problem, $budget, $seed, $start, $slack, $isFound))->run();
    }

    private function run(): Solution
    {
        if ($this->problem->units === []) {
            return new Solution([], 0.0, 0.0, true, []);
        }
        $this->refuseHopelessUnits();
        $plan = $this->start === [] ? $this->improvement->construct() : $this->improvement->repair($this->start);
        $rounds = max(self::FIRST_ROUNDS, self::FIRST_ROUNDS_OF_A_UNIT * count($this->problem->units));
        $this->improvement->run($plan, $this->isFound ? self::ROUNDS_OF_A_FOUND_PLAN : $rounds, $this->budget, self::FIRST_SHARE);
        if (is_infinite(PlanCost::of($this->problem, $this->incumbent->paths))) {
            $this->refuseWhatCannotBeApart();
        }
        if (! $this->isFound) {
            $this->improveFurther(self::FIRST_TURNS, $rounds, self::FIRST_SHARE);
        }
        $improved = $this->budget->elapsed();
        $this->proof->run();
        $proven = $this->budget->elapsed();
        if (! $this->incumbent->isGoodEnough()) {
            for ($turn = 0; $turn < self::TURNS_FROM_MIXTURES && ! $this->budget->isSpent(self::SHARE_FROM_MIXTURES); $turn++) {
                $this->proof->followAgain($turn, self::ROUNDS_FROM_MIXTURES);
            }
            $this->improveFurther(self::MORE_TURNS, max(self::ROUNDS_IN_A_TURN, self::ROUNDS_OF_A_UNIT_IN_A_TURN * count($this->problem->units)), 1.0);
        }

        return $this->solution($improved, $proven);
    }

    /** In turns: some units at a time, and, once that gains little, other choices of what is opened. */
    private function improveFurther(int $turns, int $rounds, float $share): void
    {
        for ($turn = 0; $turn < $turns && ! $this->budget->isSpent($share); $turn++) {
            $before = $this->incumbent->cost;
            $this->improvement->run(Occupancy::of($this->problem, $this->incumbent->paths), $rounds, $this->budget, $share);
            if ($this->incumbent->cost < (1 - self::MUCH) * $before) {
                continue;
            }
            for ($trial = 0; $trial < self::TRIALS_IN_A_TURN && ! $this->budget->isSpent($share) && $this->openings->tryOne($this->budget, $share); $trial++) {
                $this->budget->tell('opening', $this->incumbent->cost, $this->incumbent->bound);
            }
        }
    }

    private function refuseHopelessUnits(): void
    {
        $unit = $this->improvement->unitWithoutPath();
        if ($unit === null) {
            return;
        }
        $key = $this->problem->units[$unit];
        for ($t = 0; $t < $this->problem->periods; $t++) {
            $isAllowed = false;
            foreach ($this->problem->systems as $s => $_) {
                $isAllowed = $isAllowed || $this->problem->strain[$unit][$s * $this->problem->periods + $t] !== null;
            }
            if (! $isAllowed) {
                throw NoPlan::becauseItIsAllowedNowhere($key, $t);
            }
        }
        throw NoPlan::becauseThereIsNoWayThrough($key, $this->problem->stayEnds[$unit][0]);
    }

    /** Asked only when the first plan has some together that may not be: then often a single period tells why. */
    private function refuseWhatCannotBeApart(): void
    {
        $obstacle = (new Apartness($this->problem))->obstacle();
        if ($obstacle !== null) {
            [$period, $units] = $obstacle;
            $keys = array_map(fn (int $u): string => $this->problem->units[$u], $units);
            throw NoPlan::becauseTheyCannotBeApart($keys, $period);
        }
    }

    private function solution(float $improved, float $proven): Solution
    {
        $cost = PlanCost::of($this->problem, $this->incumbent->paths);
        if (is_infinite($cost)) {
            throw $this->incumbent->isProven() ? NoPlan::becauseNoWayKeepsThemApart() : NoPlan::foundInTime();
        }
        $assignments = [];
        foreach ($this->problem->units as $u => $key) {
            $assignments[$key] = array_map(fn (int $s): string => $this->problem->systems[$s], $this->incumbent->paths[$u]);
        }

        return new Solution($assignments, $cost, min($cost, $this->incumbent->bound), $this->incumbent->isProven(), [
            'improvement_rounds' => $this->improvement->rounds + $this->openings->rounds,
            'price_rounds' => $this->proof->priceRounds,
            'parts' => $this->proof->nodes,
            'joint_states' => $this->proof->states,
            'seconds_improving' => round($improved + $this->budget->elapsed() - $proven, 3),
            'seconds_proving' => round($proven - $improved, 3),
        ]);
    }
}
