<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * A lower bound from prices. Three families of constraints are priced instead
 * of held: what a cell carries beyond its capacity (price between 0 and the
 * overload cost), two units together (price between 0 and the conflict's
 * cost), and use without opening. At any prices every unit takes its cheapest
 * path by itself, and the sum less what the prices themselves are worth is no
 * more than the best plan costs: weak Lagrangian duality. Subgradient steps
 * look for good prices.
 */
final class Relaxation
{
    private const PATIENCE = 12;

    /** Beside a load, for choosing where to split. */
    private const WEIGHT_OF_A_CONFLICT = 0.3;

    /** @var list<UnitPaths> */
    public array $solvers = [];

    /** @var array<int, array<int, float>> prices of capacity by load and cell */
    private array $capacityPrice;

    /** @var array<int, array<int, float>> prices of being together by conflict and cell */
    private array $togetherPrice;

    /** @var array<int, array<int, array<int, float>>> prices of use by system, unit and period, where opening costs */
    private array $usePrice = [];

    /** @var array<int, array<int, true>> cells by unit that are forbidden besides */
    private array $forbidden = [];

    /** @var array<int, array<int, int>> how often each unit was in each cell of late */
    private array $seen = [];

    /** @var array<int, array<int, float>>|null prices of the decomposition, once there are some */
    private ?array $links = null;

    /** @var array<int, list<int>> periods by unit in which its place is decided */
    private array $placed = [];

    public float $bound = -INF;

    /** @var array{array<int, array<int, float>>, array<int, array<int, float>>, array<int, array<int, array<int, float>>>} at the best bound */
    private array $best;

    public int $rounds = 0;

    /** @param  list<bool>|null  $open  by system, openings that are decided: open ones are paid for, the others forbidden; null: priced */
    public function __construct(
        private readonly Problem $problem,
        private readonly ?array $open = null,
    ) {
        $closed = [];
        foreach (array_keys($open ?? [], false, true) as $s) {
            for ($t = 0; $t < $problem->periods; $t++) {
                $closed[$s * $problem->periods + $t] = true;
            }
        }
        foreach ($problem->units as $u => $_) {
            $this->forbidden[] = $closed;
            $this->solvers[] = new UnitPaths($problem, $u, $closed);
            $this->seen[] = [];
        }
        $this->capacityPrice = array_fill(0, count($problem->load), array_fill(0, $problem->cells(), 0.0));
        $this->togetherPrice = array_fill(0, count($problem->conflicts), []);
        if ($open === null) {
            foreach ($problem->openingCost as $s => $cost) {
                if ($cost > 0.0) {
                    // At first the opening is shared evenly by all who might use it.
                    $each = $cost / (count($problem->units) * $problem->periods);
                    $this->usePrice[$s] = array_fill(0, count($problem->units), array_fill(0, $problem->periods, $each));
                }
            }
        }
        $this->best = [$this->capacityPrice, $this->togetherPrice, $this->usePrice];
    }

    /**
     * @param  float  $target  cost of a known plan
     * @return float the best bound so far
     */
    public function improve(float $target, int $rounds, Budget $budget, float $share): float
    {
        $step = 1.0;
        $failures = 0;
        for ($round = 0; $round < $rounds; $round++) {
            if ($budget->isSpent($share)) {
                break;
            }
            $this->rounds++;
            [$value, $paths] = $this->evaluate();
            $this->remember($paths);
            if ($value > $this->bound + 1e-9) {
                $this->bound = $value;
                $this->best = [$this->capacityPrice, $this->togetherPrice, $this->usePrice];
                $failures = 0;
            } elseif (++$failures >= self::PATIENCE) {
                $step /= 2;
                $failures = 0;
                [$this->capacityPrice, $this->togetherPrice, $this->usePrice] = $this->best;
            }
            if ($this->bound >= $target || $step < 1e-4 || ! $this->step($step * 1.02 * max(1e-6, $target - $value), $paths)) {
                break;
            }
        }

        foreach ($this->solvers as $solver) {
            $solver->forget();
        }

        return $this->bound;
    }

    /** Raises the bound by decomposition, from its best prices on. */
    public function sharpen(float $target, int $rounds, Budget $budget, float $share): void
    {
        $decomposition = new Decomposition($this->problem, $this->forbidden, $this->links ?? $this->linksOfPrices(), $this->openingsPaid());
        $this->bound = max($this->bound, $decomposition->improve($target, $rounds, $budget, $share));
        $this->links = $decomposition->links;
        $this->seen = $decomposition->seen + $this->seen;
        $this->rounds += $decomposition->rounds;
    }

    /** @return array<int, array<int, float>> by unit and cell, what the best prices charge */
    private function linksOfPrices(): array
    {
        [$this->capacityPrice, $this->togetherPrice, $this->usePrice] = $this->best;
        $links = [];
        foreach ($this->problem->units as $u => $_) {
            $own = $this->pricesOf($u);
            foreach ($this->problem->strain[$u] as $cell => $strain) {
                $own[$cell] -= $strain ?? 0.0;
            }
            $links[] = $own;
        }

        return $links;
    }

    /**
     * The same in parts that together leave nothing out: one unit is in one
     * system in one period, and whoever may not be with it there is elsewhere.
     *
     * @return list<self>
     */
    public function split(): array
    {
        [$unit, $period] = $this->mostUndecided();
        $parts = [];
        foreach ($this->problem->systems as $s => $_) {
            if ($this->solvers[$unit]->isOpen($s, $period)) {
                $parts[] = $this->with($unit, $s, $period);
            }
        }

        return $parts;
    }

    private function with(int $unit, int $system, int $period): self
    {
        $part = clone $this;
        $part->placed[$unit][] = $period;
        $periods = $this->problem->periods;
        foreach ($this->problem->systems as $s => $_) {
            if ($s !== $system) {
                $part->forbidden[$unit][$s * $periods + $period] = true;
            }
        }
        $changed = [$unit];
        [$part->capacityPrice, $part->togetherPrice, $part->usePrice] = $this->best;
        foreach ($this->problem->conflicts as $c => $conflict) {
            if ($conflict->from > $period || $period > $conflict->to || ($conflict->one !== $unit && $conflict->other !== $unit)) {
                continue;
            }
            // Where one of two is known to be, being together costs the other just what it costs.
            foreach ($this->problem->systems as $s => $_) {
                unset($part->togetherPrice[$c][$s * $periods + $period]);
            }
            if ($conflict->cost === null) {
                $other = $conflict->one === $unit ? $conflict->other : $conflict->one;
                $part->forbidden[$other][$system * $periods + $period] = true;
                $changed[] = $other;
            } else {
                $part->togetherPrice[$c][$system * $periods + $period] = $conflict->cost;
            }
        }
        $part->solvers = array_map(
            fn (UnitPaths $solver, int $u): UnitPaths => in_array($u, $changed, true) ? new UnitPaths($this->problem, $u, $part->forbidden[$u]) : clone $solver,
            $this->solvers,
            array_keys($this->solvers),
        );
        $part->best = [$part->capacityPrice, $part->togetherPrice, $part->usePrice];
        $part->rounds = 0;
        $part->seen = array_fill(0, count($this->problem->units), []);

        return $part;
    }

    /**
     * The unit and period whose place differs most from one round to the next:
     * large loads and many conflicts before others, and not near to where that
     * unit has been placed already.
     *
     * @return array{int, int}
     */
    private function mostUndecided(): array
    {
        $best = [0, 0, -INF];
        foreach ($this->seen as $u => $cells) {
            foreach ($this->undecided($cells) as $t => $share) {
                if (! $this->mayBeElsewhere($u, $t)) {
                    continue;
                }
                $far = array_reduce($this->placed[$u] ?? [], fn (float $least, int $at): float => min($least, abs($at - $t) * 3 / $this->problem->periods), 1.0);
                $score = (0.001 + $share) * $this->weight($u, $t) * $far;
                if ($score > $best[2]) {
                    $best = [$u, $t, $score];
                }
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * @param  array<int, int>  $cells  how often a unit was in each
     * @return array<int, float> by period, the share of rounds in which it was not where it mostly was
     */
    private function undecided(array $cells): array
    {
        $most = $sum = array_fill(0, $this->problem->periods, 0);
        foreach ($cells as $cell => $count) {
            $t = $cell % $this->problem->periods;
            $most[$t] = max($most[$t], $count);
            $sum[$t] += $count;
        }

        return array_map(fn (int $most, int $sum): float => $sum > 0 ? 1 - $most / $sum : 0.0, $most, $sum);
    }

    private function mayBeElsewhere(int $u, int $t): bool
    {
        return count(array_filter(array_keys($this->problem->systems), fn (int $s): bool => $this->solvers[$u]->isOpen($s, $t))) > 1;
    }

    /** How much hangs on where it is then. */
    private function weight(int $u, int $t): float
    {
        $weight = 0.2;
        foreach ($this->problem->load as $k => $loads) {
            $weight += $this->problem->overloadCost[$k] * $loads[$u][$t] / max(1e-9, ...array_column($loads, $t));
        }
        foreach ($this->problem->conflicts as $conflict) {
            if (($conflict->one === $u || $conflict->other === $u) && $conflict->from <= $t && $t <= $conflict->to) {
                $weight += self::WEIGHT_OF_A_CONFLICT;
            }
        }

        return $weight;
    }

    /** @param  list<list<int>>  $paths */
    private function remember(array $paths): void
    {
        foreach ($paths as $u => $path) {
            foreach ($path as $t => $s) {
                $cell = $s * $this->problem->periods + $t;
                $this->seen[$u][$cell] = ($this->seen[$u][$cell] ?? 0) + 1;
            }
        }
    }

    /** Solves all units at the best prices, so that completions can be asked for; gives what the prices are worth from each period on. */
    public function settle(): Completions
    {
        [$this->capacityPrice, $this->togetherPrice, $this->usePrice] = $this->best;
        $this->evaluate();
        $prices = array_map($this->pricesOf(...), array_keys($this->problem->units));

        return new Completions($this->problem, $this->solvers, $prices, $this->worthByPeriod(), $this->openingsPaid());
    }

    /** @return array{float, list<list<int>>} bound and paths at the present prices */
    private function evaluate(): array
    {
        $value = $this->openingsPaid() - array_sum($this->worthByPeriod());
        foreach ($this->usePrice as $s => $units) {
            $value += min(0.0, $this->problem->openingCost[$s] - array_sum(array_map(array_sum(...), $units)));
        }
        $paths = [];
        foreach ($this->solvers as $u => $solver) {
            $prices = $this->pricesOf($u);
            $cost = $solver->solve($prices);
            if ($cost >= UnitPaths::NEVER) {
                return [INF, []];
            }
            $value += $cost;
            $paths[] = $solver->path($prices);
        }

        return [$value, $paths];
    }

    private function openingsPaid(): float
    {
        $paid = 0.0;
        foreach ($this->open ?? [] as $s => $isOpen) {
            $paid += $isOpen ? $this->problem->openingCost[$s] : 0.0;
        }

        return $paid;
    }

    /** @return list<float> what the prices of each period are worth */
    private function worthByPeriod(): array
    {
        $periods = $this->problem->periods;
        $worth = array_fill(0, $periods, 0.0);
        foreach ($this->problem->capacity as $k => $capacities) {
            $prices = $this->capacityPrice[$k];
            for ($t = 0; $t < $periods; $t++) {
                $sum = 0.0;
                foreach ($capacities as $s => $capacity) {
                    $sum += $prices[$s * $periods + $t] * $capacity;
                }
                $worth[$t] += $sum;
            }
        }
        foreach ($this->togetherPrice as $prices) {
            foreach ($prices as $cell => $price) {
                $t = $cell % $periods;
                $worth[$t] += $price;
            }
        }

        return array_values($worth);
    }

    /** @return array<int, float> by cell, all prices of this unit with its strain */
    private function pricesOf(int $u): array
    {
        $problem = $this->problem;
        $periods = $problem->periods;
        $prices = [];
        foreach ($problem->strain[$u] as $strain) {
            $prices[] = $strain ?? 0.0;
        }
        foreach ($problem->load as $k => $loads) {
            $own = $loads[$u];
            $cell = 0;
            foreach ($this->capacityPrice[$k] as $cell => $price) {
                if ($price > 0.0) {
                    $prices[$cell] += $price * $own[$cell % $periods];
                }
            }
        }
        foreach ($problem->conflicts as $c => $conflict) {
            if ($conflict->one === $u || $conflict->other === $u) {
                foreach ($this->togetherPrice[$c] as $cell => $price) {
                    $prices[$cell] += $price;
                }
            }
        }
        foreach ($this->usePrice as $s => $units) {
            foreach ($units[$u] as $t => $price) {
                $prices[$s * $periods + $t] += $price;
            }
        }

        return $prices;
    }

    /**
     * One step along the subgradient, as long as the gap asks for.
     *
     * @param  list<list<int>>  $paths
     * @return bool false when there is nowhere to go
     */
    private function step(float $gap, array $paths): bool
    {
        $problem = $this->problem;
        $periods = $problem->periods;
        $slopes = [];
        $norm = 0.0;
        foreach ($problem->load as $k => $loads) {
            $carried = array_fill(0, $problem->cells(), 0.0);
            foreach ($paths as $u => $path) {
                foreach ($path as $t => $s) {
                    $carried[$s * $periods + $t] += $loads[$u][$t];
                }
            }
            foreach ($carried as $cell => $load) {
                $slope = $load - $problem->capacity[$k][intdiv($cell, $periods)];
                $price = $this->capacityPrice[$k][$cell];
                if (($slope > 0.0 && $price < $problem->overloadCost[$k]) || ($slope < 0.0 && $price > 0.0)) {
                    $slopes[] = [0, $k, $cell, $slope];
                    $norm += $slope * $slope;
                }
            }
        }
        foreach ($problem->conflicts as $c => $conflict) {
            for ($t = $conflict->from; $t <= $conflict->to; $t++) {
                [$a, $b] = [$paths[$conflict->one][$t], $paths[$conflict->other][$t]];
                if ($a === $b) {
                    $slopes[] = [1, $c, $a * $periods + $t, 1.0];
                    $norm += 1.0;
                }
            }
            foreach ($this->togetherPrice[$c] as $cell => $price) {
                $t = $cell % $periods;
                $s = intdiv($cell, $periods);
                if ($price > 0.0 && $paths[$conflict->one][$t] !== $s && $paths[$conflict->other][$t] !== $s) {
                    $slopes[] = [1, $c, $cell, -1.0];
                    $norm += 1.0;
                }
            }
        }
        foreach ($this->usePrice as $s => $units) {
            $isOpen = array_sum(array_map(array_sum(...), $units)) > $problem->openingCost[$s] ? 1.0 : 0.0;
            foreach ($units as $u => $prices) {
                foreach ($prices as $t => $price) {
                    $slope = ($paths[$u][$t] === $s ? 1.0 : 0.0) - $isOpen;
                    if ($slope > 0.0 || ($slope < 0.0 && $price > 0.0)) {
                        $slopes[] = [2, $s, $u * $periods + $t, $slope];
                        $norm += 1.0;
                    }
                }
            }
        }
        if ($norm <= 0.0) {
            return false;
        }
        $length = $gap / $norm;
        foreach ($slopes as [$family, $i, $at, $slope]) {
            if ($family === 0) {
                $this->capacityPrice[$i][$at] = min($problem->overloadCost[$i], max(0.0, $this->capacityPrice[$i][$at] + $length * $slope));
            } elseif ($family === 1) {
                $price = max(0.0, ($this->togetherPrice[$i][$at] ?? 0.0) + $length * $slope);
                $this->togetherPrice[$i][$at] = min($problem->conflicts[$i]->cost ?? INF, $price);
            } else {
                [$u, $t] = [intdiv($at, $periods), $at % $periods];
                $this->usePrice[$i][$u][$t] = max(0.0, $this->usePrice[$i][$u][$t] + $length * $slope);
            }
        }

        return true;
    }
}
