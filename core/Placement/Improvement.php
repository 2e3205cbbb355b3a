<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Random\Randomizer;

/**
 * Large-neighbourhood search: some units that have to do with each other lose
 * their paths and get new ones one after the other, each the cheapest beside
 * the rest; worse plans are kept with a chance that falls. Joint moves come
 * from the choice of units: who shares a system, who conflicts, everybody in
 * a system that is emptied, a system that is made cheap for a while, and who
 * is in the way of one that costs much.
 */
final class Improvement
{
    private const MOST_REMOVED = 5;

    /** The costliest of so many units is given room. */
    private const CANDIDATES = 4;

    private const MOST_IN_THE_WAY = 12;

    /** How far strain is made greater or less, so that it is not always the same home that is wanted. */
    private const WAVERED = 1.0;

    /** Accepted worsening at first, as a share of the cost of a unit. */
    private const FIRST_HEAT = 3.0;

    private const LAST_HEAT = 0.03;

    private const MOST_ROUNDS_OF_COOLING = 4000;

    private const BACK_TO_BEST_AFTER = 1500;

    /** @var list<UnitPaths> */
    private array $solvers = [];

    public int $rounds = 0;

    public function __construct(
        private readonly Problem $problem,
        private readonly Randomizer $random,
        private readonly Incumbent $incumbent,
    ) {
        foreach ($problem->units as $u => $_) {
            $this->solvers[] = new UnitPaths($problem, $u);
        }
    }

    /** @return int|null the first unit that has no path at all, others left out */
    public function unitWithoutPath(): ?int
    {
        $nobody = new Occupancy($this->problem);
        foreach ($this->solvers as $u => $solver) {
            if ($solver->solve($nobody->pricesFor($u)) >= UnitPaths::NEVER) {
                return $u;
            }
        }

        return null;
    }

    /** One unit after the other, in this order, and again until nothing gets better. */
    public function construct(): Occupancy
    {
        $plan = new Occupancy($this->problem);
        foreach ($this->problem->units as $u => $_) {
            $this->place($plan, $u);
        }
        $this->polish($plan);

        return $plan;
    }

    /**
     * A plan near to a mixture of places: one unit after the other, the most
     * certain first, each the cheapest beside those before, where being where
     * the mixture has it is worth something.
     *
     * @param  array<int, array<int, float>>  $there  by unit and cell, between 0 and 1
     * @param  float  $worth  in moves for each period
     */
    public function follow(array $there, float $worth): Occupancy
    {
        $certain = array_map(fn (array $shares): float => array_sum(array_map(fn (float $share): float => $share * $share, $shares)), $there);
        arsort($certain);
        $plan = new Occupancy($this->problem);
        foreach ($certain as $u => $_) {
            $prices = $plan->pricesFor($u);
            foreach ($there[$u] as $cell => $share) {
                $prices[$cell] -= $worth * $this->problem->moveCost[$u] * $share;
            }
            $this->solvers[$u]->solve($prices);
            $plan->add($u, $this->solvers[$u]->path($prices));
        }
        $this->polish($plan);

        return $plan;
    }

    /**
     * A plan from paths of which some may be forbidden here: those units are placed anew beside the others.
     *
     * @param  array<int, list<int>>  $paths  by unit
     */
    public function repair(array $paths): Occupancy
    {
        $plan = new Occupancy($this->problem);
        $rest = [];
        foreach ($paths as $u => $path) {
            $open = array_filter($path, fn (int $s, int $t): bool => $this->solvers[$u]->isOpen($s, $t), ARRAY_FILTER_USE_BOTH);
            if (count($open) === count($path)) {
                $plan->add($u, $path);
            } else {
                $rest[] = $u;
            }
        }
        foreach ($rest as $u) {
            $this->place($plan, $u);
        }
        $this->polish($plan);

        return $plan;
    }

    /** Every unit anew beside the others until none moves. */
    public function polish(Occupancy $plan): void
    {
        do {
            $before = $plan->cost;
            foreach ($this->problem->units as $u => $_) {
                $plan->remove($u);
                $this->place($plan, $u);
            }
        } while ($plan->cost < $before - 1e-9);
    }

    /** @param  int  $rounds  at most */
    public function run(Occupancy $plan, int $rounds, Budget $budget, float $share): void
    {
        $sinceBest = 0;
        $cycle = min($rounds, self::MOST_ROUNDS_OF_COOLING);
        $passed = 0.0;
        $from = $budget->elapsed();
        $this->incumbent->offer($plan);
        for ($round = 0; $round < $rounds; $round++) {
            if ($round % 16 === 0) {
                if ($budget->isSpent($share)) {
                    return;
                }
                $passed = $budget->passedSince($from, $share);
            }
            $this->rounds++;
            // By rounds, so that a seed repeats; by the clock only where that will cut the rounds short.
            $cooled = max($round % $cycle / $cycle, $passed);
            $heat = $this->incumbent->cost / count($this->problem->units) * self::FIRST_HEAT * (self::LAST_HEAT / self::FIRST_HEAT) ** $cooled;
            $before = $plan->cost;
            $old = $this->destroyAndRepair($plan);
            if ($plan->cost > $before && $this->chance() >= exp(($before - $plan->cost) / max(1e-9, $heat))) {
                $this->restore($plan, $old);
            }
            $sinceBest++;
            if ($this->incumbent->offer($plan)) {
                $sinceBest = 0;
                $budget->tell('improving', $this->incumbent->cost, $this->incumbent->bound);
            } elseif ($sinceBest > self::BACK_TO_BEST_AFTER) {
                $sinceBest = 0;
                $plan = Occupancy::of($this->problem, $this->incumbent->paths);
            }
        }
    }

    /** @return array<int, list<int>> the paths before */
    private function destroyAndRepair(Occupancy $plan): array
    {
        $systems = count($this->problem->systems);
        $kind = $this->random->getInt(0, 9);
        $avoided = $favoured = -1;
        if ($kind === 0) {
            $avoided = $this->random->getInt(0, $systems - 1);
            $units = $this->inSystem($plan, $avoided, 8);
        } elseif ($kind <= 2) {
            $favoured = $this->random->getInt(0, $systems - 1);
            $units = $this->related($plan);
        } elseif ($kind <= 5) {
            $units = $this->inTheWay($plan);
        } else {
            $units = $this->related($plan);
        }
        $old = [];
        foreach ($units as $u) {
            $old[$u] = $plan->remove($u);
        }
        $noise = $this->chance() < 0.5 ? 0.0 : 0.3 * $this->chance();
        foreach ($units as $u) {
            $this->place($plan, $u, $avoided, $favoured, $noise);
        }
        // Those who came first look again at what the later ones chose.
        foreach ($units as $u) {
            $plan->remove($u);
            $this->place($plan, $u);
        }

        return $old;
    }

    /**
     * A unit that costs much, and those it would be in conflict with where it costs least by itself.
     *
     * @return list<int> the costly one first
     */
    private function inTheWay(Occupancy $plan): array
    {
        $n = count($this->problem->units);
        $first = -1;
        $most = -INF;
        for ($i = 0; $i < self::CANDIDATES; $i++) {
            $u = $this->random->getInt(0, $n - 1);
            $cost = $plan->costNow($u);
            if ($cost > $most) {
                [$first, $most] = [$u, $cost];
            }
        }
        $prices = $this->wavered($plan->strain[$first], self::WAVERED);
        $this->solvers[$first]->solve($prices);
        $path = $this->solvers[$first]->path($prices);

        return [$first, ...array_slice($this->random->shuffleArray($plan->inConflictOn($first, $path)), 0, self::MOST_IN_THE_WAY)];
    }

    /** @param  array<int, list<int>>  $old */
    private function restore(Occupancy $plan, array $old): void
    {
        foreach ($old as $u => $_) {
            $plan->remove($u);
        }
        foreach ($old as $u => $path) {
            $plan->add($u, $path);
        }
    }

    /** @return list<int> some units that have to do with each other, in any order */
    private function related(Occupancy $plan): array
    {
        $n = count($this->problem->units);
        $wanted = min($n, $this->random->getInt(1, self::MOST_REMOVED));
        $first = $this->random->getInt(0, $n - 1);
        $units = [$first => true];
        $conflicting = $plan->conflicting($first);
        for ($try = 0; count($units) < $wanted && $try < 30; $try++) {
            $pick = $this->random->getInt(0, 2);
            if ($pick === 0 && $conflicting !== []) {
                $units[$conflicting[$this->random->getInt(0, count($conflicting) - 1)]] = true;
            } elseif ($pick === 1) {
                $t = $this->random->getInt(0, $this->problem->periods - 1);
                $other = $this->random->getInt(0, $n - 1);
                if ($plan->paths[$other][$t] === $plan->paths[$first][$t]) {
                    $units[$other] = true;
                }
            } else {
                $units[$this->random->getInt(0, $n - 1)] = true;
            }
        }

        return $this->random->shuffleArray(array_keys($units));
    }

    /** @return list<int> in any order */
    private function inSystem(Occupancy $plan, int $system, int $most): array
    {
        $units = [];
        foreach ($plan->paths as $u => $path) {
            if (in_array($system, $path, true)) {
                $units[] = $u;
            }
        }

        return $units === [] ? $this->related($plan) : array_slice($this->random->shuffleArray($units), 0, $most);
    }

    private function place(Occupancy $plan, int $u, int $avoided = -1, int $favoured = -1, float $noise = 0.0): void
    {
        $prices = $plan->pricesFor($u);
        $entry = $plan->openings();
        $periods = $this->problem->periods;
        $start = $this->problem->start[$u];
        if (isset($entry[$start])) {
            // Whoever stays where it is opens that system too.
            $prices[$start * $periods] += $entry[$start];
        }
        if ($avoided >= 0) {
            for ($t = 0; $t < $periods; $t++) {
                $prices[$avoided * $periods + $t] += $plan->penalty;
            }
        }
        if ($favoured >= 0) {
            unset($entry[$favoured]);
            for ($t = 0; $t < $periods; $t++) {
                $prices[$favoured * $periods + $t] *= 0.5;
            }
        }
        if ($noise > 0.0) {
            $prices = $this->wavered($prices, $noise);
        }
        $this->solvers[$u]->solve($prices, $entry);
        $plan->add($u, $this->solvers[$u]->path($prices));
    }

    /**
     * @param  array<int, float>  $prices  by cell
     * @return array<int, float> those of each system made greater or less by up to this share
     */
    private function wavered(array $prices, float $share): array
    {
        $periods = $this->problem->periods;
        foreach ($this->problem->systems as $s => $_) {
            $factor = 1 + $share * (2 * $this->chance() - 1);
            for ($t = 0; $t < $periods; $t++) {
                $prices[$s * $periods + $t] *= $factor;
            }
        }

        return $prices;
    }

    private function chance(): float
    {
        return $this->random->getInt(0, 1_000_000) / 1_000_001;
    }
}
