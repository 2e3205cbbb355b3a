<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Finds a plan and a bound: first a plan by improvement, then prices for a
 * bound, then, where few ways are left between the two, a proof by joint
 * search; what time remains goes into improvement again. Which openings are
 * made is enumerated while they are few. Everything is counted in rounds, so
 * that the same seed gives the same answer unless the time cuts it short.
 */
final class Solver
{
    private const FIRST_ROUNDS = 3000;

    private const MORE_ROUNDS = 60_000;

    private const PRICE_ROUNDS = 400;

    private const PRICE_ROUNDS_OF_A_PART = 10;

    private const LINK_ROUNDS = 300;

    private const LINK_ROUNDS_OF_A_PART = 40;

    private const MOST_RESTARTS = 6;

    /** A restart that raises the bound by less of the cost is the last. */
    private const WORTHWHILE = 0.002;

    /** With more, choosing the units of a cell takes too long. */
    private const MOST_UNITS_DECOMPOSED = 40;

    private const MOST_PARTS = 3000;

    /** Of the whole time: when the first plan, the first prices and the proof must be done. */
    private const FIRST_SHARE = 0.3;

    private const PRICING_SHARE = 0.5;

    private const PROVING_SHARE = 0.7;

    /** Units times cells from which parts take so long that splitting does not pay. */
    private const TOO_LARGE_TO_SPLIT = 20_000;

    /** Cases times units times cells that are still enumerated. */
    private const MOST_ENUMERATED = 60_000;

    /** From this share of the best plan on a part is searched jointly. */
    private const NEAR = 0.9;

    private const MOST_CHOICES = 60_000;

    /** So few units are searched jointly however far apart bound and plan are. */
    private const FEW_UNITS = 8;

    private const MOST_CHOICES_OF_FEW = 3_000_000;

    /** With more systems that cost something to open, openings are priced instead of enumerated. */
    private const MOST_OPENINGS = 4;

    private readonly Incumbent $incumbent;

    private readonly Improvement $improvement;

    private int $priceRounds = 0;

    private int $states = 0;

    private function __construct(
        private readonly Problem $problem,
        private readonly Budget $budget,
        int $seed,
    ) {
        $this->incumbent = new Incumbent;
        $this->improvement = new Improvement($problem, new Randomizer(new Mt19937($seed)), $this->incumbent);
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
        $this->improvement->run($plan, self::FIRST_ROUNDS, $this->budget, self::FIRST_SHARE);
        $improved = $this->budget->elapsed();
        $this->prove();
        $proven = $this->budget->elapsed();
        if (! $this->incumbent->isProven()) {
            $this->improvement->run($this->improvement->planOf($this->incumbent->paths), self::MORE_ROUNDS, $this->budget, 1.0);
        }

        return $this->solution($improved, $proven);
    }

    private function size(): int
    {
        return count($this->problem->units) * $this->problem->cells();
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

    /**
     * Raises the bound: the part with the least is searched jointly when it is
     * near to the best plan, else split, until none is left below.
     */
    private function prove(): void
    {
        $cases = $this->openingCases();
        $parts = [];
        foreach ($cases as $i => $open) {
            $part = new Relaxation($this->problem, $open);
            $this->bound($part, self::PRICE_ROUNDS, self::LINK_ROUNDS, self::FIRST_SHARE + (self::PRICING_SHARE - self::FIRST_SHARE) * ($i + 1) / count($cases));
            $parts[] = $part;
        }
        $this->raise($parts);
        $isSplit = $this->size() < self::TOO_LARGE_TO_SPLIT;
        for ($n = 0; $isSplit && $n < self::MOST_PARTS && ! $this->incumbent->isProven() && ! $this->budget->isSpent(self::PROVING_SHARE); $n++) {
            usort($parts, fn (Relaxation $a, Relaxation $b): int => $a->bound <=> $b->bound);
            $part = array_shift($parts);
            if ($part === null || $this->search($part)) {
                $this->raise($parts);

                continue;
            }
            foreach ($part->split() as $smaller) {
                $this->bound($smaller, self::PRICE_ROUNDS_OF_A_PART, self::LINK_ROUNDS_OF_A_PART, 1.0);
                if ($smaller->bound < $this->incumbent->cost) {
                    $parts[] = $smaller;
                }
            }
            $this->raise($parts);
        }
    }

    private function bound(Relaxation $part, int $priceRounds, int $linkRounds, float $share): void
    {
        $part->improve($this->incumbent->cost, $priceRounds, $this->budget, $share);
        if ($part->bound < $this->incumbent->cost && count($this->problem->units) <= self::MOST_UNITS_DECOMPOSED) {
            // Steps begin long again each time: prices that had settled too early move on.
            for ($restart = 0, $before = -INF; $restart < self::MOST_RESTARTS && $part->bound > $before + self::WORTHWHILE * $this->incumbent->cost; $restart++) {
                $before = $part->bound;
                $part->sharpen($this->incumbent->cost, $linkRounds, $this->budget, $share);
            }
        }
        $this->priceRounds += $part->rounds;
    }

    /** @param  list<Relaxation>  $parts  all that may still hold a better plan */
    private function raise(array $parts): void
    {
        $least = array_reduce($parts, fn (float $least, Relaxation $one): float => min($least, $one->bound), INF);
        $this->incumbent->bound = max($this->incumbent->bound, min($least, $this->incumbent->cost));
        $this->budget->tell('bounding', $this->incumbent->cost, $this->incumbent->bound);
    }

    /** @return bool true when nothing in this part costs less than the best plan known now */
    private function search(Relaxation $part): bool
    {
        if ($part->bound >= $this->incumbent->cost) {
            return true;
        }
        $isFewUnits = count($this->problem->units) <= self::FEW_UNITS;
        if (! $isFewUnits && $part->bound < self::NEAR * $this->incumbent->cost) {
            return false;
        }
        $search = new JointSearch($this->problem, $part->settle(), $isFewUnits ? self::MOST_CHOICES_OF_FEW : self::MOST_CHOICES);
        $isComplete = $search->run($this->incumbent->cost, $this->budget, self::PROVING_SHARE);
        $this->states += $search->states;
        if ($search->paths !== null) {
            $this->incumbent->offer($this->improvement->planOf($search->paths));
        }

        return $isComplete;
    }

    /**
     * Which systems that cost something are opened: every choice while they are
     * few, else one case in which openings are priced.
     *
     * @return list<list<bool>|null>
     */
    private function openingCases(): array
    {
        $costly = array_keys(array_filter($this->problem->openingCost, fn (float $cost): bool => $cost > 0.0));
        if (count($costly) > self::MOST_OPENINGS || $this->size() * 2 ** count($costly) > self::MOST_ENUMERATED) {
            return [null];
        }
        $used = array_values(array_unique(array_merge(...array_values($this->incumbent->paths))));
        $cases = [];
        for ($mask = 0; $mask < 1 << count($costly); $mask++) {
            $open = array_fill(0, count($this->problem->systems), true);
            foreach ($costly as $i => $s) {
                $open[$s] = ($mask >> $i & 1) === 1;
            }
            $cases[] = array_values($open);
        }
        // The case of the best plan first: it may better the plan for the others.
        usort($cases, fn (array $a, array $b): int => self::unlike($a, $used, $costly) <=> self::unlike($b, $used, $costly));

        return $cases;
    }

    /**
     * @param  list<bool>  $open
     * @param  array<int>  $used
     * @param  list<int>  $costly
     */
    private static function unlike(array $open, array $used, array $costly): int
    {
        return count(array_filter($costly, fn (int $s): bool => $open[$s] !== in_array($s, $used, true)));
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
            'improvement_rounds' => $this->improvement->rounds,
            'price_rounds' => $this->priceRounds,
            'joint_states' => $this->states,
            'seconds_improving' => round($improved + $this->budget->elapsed() - $proven, 3),
            'seconds_proving' => round($proven - $improved, 3),
        ]);
    }
}
