<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * A sharper bound: every unit keeps its own path, every cell chooses its own
 * set of units with overload and conflicts held exactly, and prices make the
 * two agree. Where loads are few and large, dividing them between cells is
 * what the plain prices believe in and no plan can do; here no cell can either.
 */
final class Decomposition
{
    private const PATIENCE = 20;

    /** @var list<CellPacking> by cell */
    private array $cells = [];

    /** @var list<UnitPaths> */
    private array $solvers = [];

    /** @var array<int, array{float, list<int>}> what cells chose, until one of their gains changes */
    private array $packed = [];

    public int $rounds = 0;

    /** @var array<int, array<int, int>> how often each unit's path went through each cell */
    public array $seen = [];

    /**
     * @param  array<int, array<int, true>>  $forbidden  by unit, cells that are forbidden besides
     * @param  array<int, array<int, float>>  $links  prices by unit and cell: what the unit pays and the cell gains
     * @param  float  $paid  openings that are decided
     */
    public function __construct(
        private readonly Problem $problem,
        array $forbidden,
        public array $links,
        private readonly float $paid,
    ) {
        foreach ($problem->units as $u => $_) {
            $this->solvers[] = new UnitPaths($problem, $u, $forbidden[$u]);
        }
        foreach ($problem->systems as $s => $_) {
            for ($t = 0; $t < $problem->periods; $t++) {
                $this->cells[] = new CellPacking($problem, $s, $t, self::togetherAt($problem, $t));
            }
        }
    }

    /**
     * @param  float  $target  cost of a known plan
     * @return float the best bound
     */
    public function improve(float $target, int $rounds, Budget $budget, float $share): float
    {
        $bound = -INF;
        $step = 1.0;
        $failures = 0;
        $best = $this->links;
        for ($round = 0; $round < $rounds && ! $budget->isSpent($share); $round++) {
            $this->rounds++;
            [$value, $slopes, $norm] = $this->evaluate();
            if ($value > $bound + 1e-9) {
                [$bound, $best, $failures] = [$value, $this->links, 0];
            } elseif (++$failures >= self::PATIENCE) {
                [$step, $failures, $this->links, $this->packed] = [$step / 2, 0, $best, []];

                continue;
            }
            if ($bound >= $target || $norm === 0 || $step < 1e-3) {
                break;
            }
            $length = $step * max(1e-6, $target - $value) / $norm;
            foreach ($slopes as [$u, $cell, $slope]) {
                $this->links[$u][$cell] += $length * $slope;
                unset($this->packed[$cell]);
            }
        }

        $this->links = $best;

        return $bound;
    }

    /** @return array{float, list<array{int, int, int}>, int} bound, where path and cell disagree, and how often */
    private function evaluate(): array
    {
        $periods = $this->problem->periods;
        $value = $this->paid;
        $slopes = [];
        $isThere = [];
        foreach ($this->solvers as $u => $solver) {
            $prices = $this->links[$u];
            foreach ($this->problem->strain[$u] as $cell => $strain) {
                $prices[$cell] += $strain ?? 0.0;
            }
            $value += $solver->solve($prices);
            if ($value >= UnitPaths::NEVER) {
                return [INF, [], 0];
            }
            foreach ($solver->path($prices) as $t => $s) {
                $isThere[$s * $periods + $t][$u] = true;
                $this->seen[$u][$s * $periods + $t] = ($this->seen[$u][$s * $periods + $t] ?? 0) + 1;
            }
        }
        foreach ($this->cells as $cell => $_) {
            [$worth, $chosen] = $this->packed[$cell] ??= $this->pack($cell);
            $value += $worth;
            $there = $isThere[$cell] ?? [];
            foreach ($chosen as $u) {
                if (isset($there[$u])) {
                    unset($there[$u]);
                } else {
                    $slopes[] = [$u, $cell, -1];
                }
            }
            foreach ($there as $u => $_) {
                $slopes[] = [$u, $cell, 1];
            }
        }

        return [$value, $slopes, count($slopes)];
    }

    /** @return array{float, list<int>} what the cell is worth at present gains, and its units */
    private function pack(int $cell): array
    {
        [$s, $t] = [intdiv($cell, $this->problem->periods), $cell % $this->problem->periods];
        $gains = [];
        foreach ($this->solvers as $u => $solver) {
            $gain = $this->links[$u][$cell];
            if ($gain > 0.0 && $solver->isOpen($s, $t)) {
                $gains[$u] = $gain;
            }
        }

        return $gains === [] ? [0.0, []] : $this->cells[$cell]->solve($gains);
    }

    /** @return array<int, array<int, float>> */
    private static function togetherAt(Problem $problem, int $t): array
    {
        $costs = [];
        foreach ($problem->conflicts as $conflict) {
            if ($conflict->from <= $t && $t <= $conflict->to) {
                $cost = ($costs[$conflict->one][$conflict->other] ?? 0.0) + ($conflict->cost ?? INF);
                $costs[$conflict->one][$conflict->other] = $costs[$conflict->other][$conflict->one] = $cost;
            }
        }

        return $costs;
    }
}
