<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Random\Engine\Mt19937;
use Random\Randomizer;
use SplPriorityQueue;

/**
 * Finds a plan and a bound: first a plan by improvement, then prices for a
 * bound, then branch and bound, in which the part with the least bound is
 * searched jointly where few ways are left or else split; what time remains
 * goes into improvement again. Everything is counted in rounds, so that the
 * same seed gives the same answer unless the time cuts it short.
 */
final class Solver
{
    private const FIRST_ROUNDS = 600;

    private const FIRST_ROUNDS_OF_A_UNIT = 20;

    private const FIRST_TURNS = 1;

    private const MORE_TURNS = 40;

    private const ROUNDS_IN_A_TURN = 1500;

    private const ROUNDS_OF_A_UNIT_IN_A_TURN = 40;

    private const TRIALS_IN_A_TURN = 4;

    /** A turn that saves more than this share of the cost is followed by another of its kind. */
    private const MUCH = 0.005;

    private const LINK_ROUNDS = 400;

    private const LINK_ROUNDS_OF_A_PART = 20;

    /** The prices of a part are good from the beginning: its cells are looked at more closely. */
    private const SLACK_OF_A_PART = 0.0;

    private const MOST_PARTS = 20_000;

    /** Of the whole time: when the first plan, the first bound and the proof must be done. */
    private const FIRST_SHARE = 0.2;

    private const BOUNDING_SHARE = 0.5;

    private const PROVING_SHARE = 0.75;

    /** A part whose bound lies this share below the best plan is searched jointly, less after each search that gave up. */
    private const NEAR = 0.1;

    private const LESS_NEAR = 0.7;

    private const MOST_CHOICES = 60_000;

    /** So few units are searched jointly however far apart bound and plan are. */
    private const FEW_UNITS = 8;

    private const MOST_CHOICES_OF_FEW = 3_000_000;

    /** What it is worth to be where a mixture has a unit, in moves for each period. */
    private const FOLLOWED = [0.3, 1.0, 3.0, 10.0];

    private const ROUNDS_AFTER_FOLLOWING = 100;

    private float $near = self::NEAR;

    /** @var list<CellPacking> by cell */
    private readonly array $packings;

    private readonly CostGrid $grid;

    private readonly Incumbent $incumbent;

    private readonly Improvement $improvement;

    private readonly OpeningTrials $openings;

    private int $priceRounds = 0;

    private int $parts = 0;

    private int $states = 0;

    private function __construct(
        private readonly Problem $problem,
        private readonly Budget $budget,
        int $seed,
    ) {
        $this->incumbent = new Incumbent;
        $this->packings = CellPacking::everywhere($problem);
        $this->grid = CostGrid::of($problem);
        $random = new Randomizer(new Mt19937($seed));
        $this->improvement = new Improvement($problem, $random, $this->incumbent);
        $this->openings = new OpeningTrials($problem, $random, $this->incumbent);
    }

    /** @throws NoPlan */
    public static function solve(Problem $problem, Budget $budget, int $seed = 1): Solution
    {
        return (new self($problem, $budget, $seed))->run();
    }

    private function run(): Solution
    {
        if ($this->problem->units === []) {
            return new Solution([], 0.0, 0.0, true, []);
        }
        $this->refuseHopelessUnits();
        $plan = $this->improvement->construct(false);
        $rounds = max(self::FIRST_ROUNDS, self::FIRST_ROUNDS_OF_A_UNIT * count($this->problem->units));
        $this->improvement->run($plan, $rounds, $this->budget, self::FIRST_SHARE);
        $this->improveFurther(self::FIRST_TURNS, $rounds, self::FIRST_SHARE);
        $improved = $this->budget->elapsed();
        $this->prove();
        $proven = $this->budget->elapsed();
        if (! $this->incumbent->isProven()) {
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
                throw NoPlan::because("{$key} is allowed nowhere in period {$t}.");
            }
        }
        throw NoPlan::because("{$key} finds no way through its allowed systems with a minimum stay of {$this->problem->minStay[$unit]}.");
    }

    /** Raises the bound: the part with the least is searched jointly when it is near to the best plan, else split, until none is left below. */
    private function prove(): void
    {
        $whole = Part::whole($this->problem);
        $this->bound($whole, self::LINK_ROUNDS, self::BOUNDING_SHARE);
        $this->raise($whole->bound);
        if ($this->budget->isSpent(self::BOUNDING_SHARE)) {
            return;
        }
        /** @var SplPriorityQueue<float, Part> $parts */
        $parts = new SplPriorityQueue;
        $parts->insert($whole, -$whole->bound);
        while (! $parts->isEmpty()) {
            $part = $parts->top();
            $this->raise($part->bound);
            if ($this->incumbent->isProven() || $this->parts >= self::MOST_PARTS || $this->budget->isSpent(self::PROVING_SHARE)) {
                return;
            }
            $parts->extract();
            foreach ($this->isSearched($part) || $part->fork === null ? [] : $part->split($part->fork) as $smaller) {
                if ($this->budget->isSpent(self::PROVING_SHARE)) {
                    return;
                }
                $this->bound($smaller, self::LINK_ROUNDS_OF_A_PART, self::PROVING_SHARE);
                if ($smaller->bound < $this->goal()) {
                    $parts->insert($smaller, -$smaller->bound);
                }
            }
        }
        $this->raise(INF);
    }

    /** What a plan must cost less than to be better than the best one. */
    private function goal(): float
    {
        return $this->grid->below($this->incumbent->cost);
    }

    private function bound(Part $part, int $rounds, float $share): void
    {
        $this->parts++;
        $decomposition = $this->parts === 1 ? new Decomposition($part, $this->packings) : new Decomposition($part, $this->packings, self::SLACK_OF_A_PART);
        $decomposition->improve($this->goal(), $rounds, $this->budget, $share);
        $this->priceRounds += $decomposition->rounds;
        if ($part->bound < $this->goal()) {
            $part->fork = $decomposition->fork();
            $this->follow($decomposition->there);
        }
    }

    /**
     * Plans near to the mixtures behind a bound, improved for a while: those of the whole with every weight, of parts with one.
     *
     * @param  array<int, array<int, float>>  $there
     */
    private function follow(array $there): void
    {
        $weights = $this->parts === 1 ? self::FOLLOWED : [self::FOLLOWED[$this->parts % count(self::FOLLOWED)]];
        foreach ($weights as $weight) {
            $this->improvement->run($this->improvement->follow($there, $weight), self::ROUNDS_AFTER_FOLLOWING, $this->budget, self::PROVING_SHARE);
        }
    }

    /** @param  float  $least  bound of all parts that may still hold a better plan */
    private function raise(float $least): void
    {
        $proven = $least >= $this->goal() ? $this->incumbent->cost : $this->grid->raised($least);
        $this->incumbent->bound = max($this->incumbent->bound, min($proven, $this->incumbent->cost));
        $this->budget->tell('bounding', $this->incumbent->cost, $this->incumbent->bound);
    }

    /** @return bool true when nothing in this part costs less than the best plan known now */
    private function isSearched(Part $part): bool
    {
        $isFewUnits = count($this->problem->units) <= self::FEW_UNITS;
        if (! $isFewUnits && $part->fork !== null && $part->bound < (1 - $this->near) * $this->incumbent->cost) {
            return false;
        }
        $search = new JointSearch(new Completions($part, $this->packings), $isFewUnits ? self::MOST_CHOICES_OF_FEW : self::MOST_CHOICES);
        $isComplete = $search->run($this->goal(), $this->budget, self::PROVING_SHARE);
        $this->states += $search->states;
        if ($search->paths !== null) {
            $this->incumbent->offer(Occupancy::of($this->problem, $search->paths));
        } elseif (! $isComplete) {
            $this->near = min($this->near, self::LESS_NEAR * (1 - $part->bound / $this->incumbent->cost));
        }

        return $isComplete;
    }

    private function solution(float $improved, float $proven): Solution
    {
        $cost = PlanCost::of($this->problem, $this->incumbent->paths);
        if (is_infinite($cost)) {
            throw $this->incumbent->isProven() ? NoPlan::because('units that may not be together find no way apart.') : NoPlan::foundInTime();
        }
        $assignments = [];
        foreach ($this->problem->units as $u => $key) {
            $assignments[$key] = array_map(fn (int $s): string => $this->problem->systems[$s], $this->incumbent->paths[$u]);
        }

        return new Solution($assignments, $cost, min($cost, $this->incumbent->bound), $this->incumbent->isProven(), [
            'improvement_rounds' => $this->improvement->rounds + $this->openings->rounds,
            'price_rounds' => $this->priceRounds,
            'parts' => $this->parts,
            'joint_states' => $this->states,
            'seconds_improving' => round($improved + $this->budget->elapsed() - $proven, 3),
            'seconds_proving' => round($proven - $improved, 3),
        ]);
    }
}
