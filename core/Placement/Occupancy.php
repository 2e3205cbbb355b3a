<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * A plan while it is worked on: the path of every unit that has one, what each
 * cell carries, and the cost so far. Forbidden conflicts cost a penalty here,
 * so that a plan can be mended step by step.
 */
final class Occupancy
{
    /** More than any plan costs by other means. */
    public readonly float $penalty;

    /** @var array<int, list<int>> by unit */
    public array $paths = [];

    public float $cost = 0.0;

    /** @var list<array<int, float>> by load and cell */
    private array $carried = [];

    /** @var array<int, int> units by system */
    private array $used;

    /** @var list<list<array{int, int, int, float}>> by unit: other unit, from, to, cost */
    private array $conflictsOf = [];

    /** @var list<array<int, float>> strain by unit and cell, 0 where forbidden */
    public readonly array $strain;

    public function __construct(private readonly Problem $problem)
    {
        $this->penalty = self::penaltyFor($problem);
        $this->carried = array_fill(0, count($problem->load), array_fill(0, $problem->cells(), 0.0));
        $this->used = array_fill(0, count($problem->systems), 0);
        $this->conflictsOf = array_fill(0, count($problem->units), []);
        foreach ($problem->conflicts as $conflict) {
            $cost = $conflict->cost ?? $this->penalty;
            $this->conflictsOf[$conflict->one][] = [$conflict->other, $conflict->from, $conflict->to, $cost];
            $this->conflictsOf[$conflict->other][] = [$conflict->one, $conflict->from, $conflict->to, $cost];
        }
        $this->strain = array_map(fn (array $cells): array => array_map(fn (?float $strain): float => $strain ?? 0.0, $cells), $problem->strain);
    }

    /** @param  array<int, list<int>>  $paths  by unit */
    public static function of(Problem $problem, array $paths): self
    {
        $plan = new self($problem);
        foreach ($paths as $u => $path) {
            $plan->add($u, $path);
        }

        return $plan;
    }

    /** @return list<int> units that have a conflict with this one */
    public function conflicting(int $unit): array
    {
        return array_column($this->conflictsOf[$unit], 0);
    }

    /** What a unit costs beside the others, with the opening of a system that nobody else uses. */
    public function costNow(int $unit): float
    {
        $with = $this->cost;
        $path = $this->remove($unit);
        $without = $this->cost;
        $this->add($unit, $path);

        return $with - $without;
    }

    /**
     * @param  list<int>  $path
     * @return list<int> units this one would be in conflict with on a path
     */
    public function inConflictOn(int $unit, array $path): array
    {
        $units = [];
        foreach ($this->conflictsOf[$unit] as [$other, $from, $to]) {
            $others = $this->paths[$other] ?? [];
            for ($t = $from; $t <= $to && $others !== []; $t++) {
                if ($path[$t] === $others[$t]) {
                    $units[$other] = true;
                    break;
                }
            }
        }

        return array_keys($units);
    }

    /**
     * What each cell would cost this unit beside those who have a path, the
     * opening of a system left out.
     *
     * @return array<int, float> by cell
     */
    public function pricesFor(int $unit): array
    {
        $problem = $this->problem;
        $periods = $problem->periods;
        $prices = $this->strain[$unit];
        foreach ($problem->load as $k => $loads) {
            $own = $loads[$unit];
            $capacity = $problem->capacity[$k];
            $carried = $this->carried[$k];
            foreach ($problem->overloadCost[$k] as $s => $cost) {
                $cell = $s * $periods;
                for ($t = 0; $t < $periods; $t++, $cell++) {
                    $over = $carried[$cell] + $own[$t] - $capacity[$cell];
                    if ($over > 0.0) {
                        $before = $carried[$cell] - $capacity[$cell];
                        $prices[$cell] += $cost * ($before > 0.0 ? $own[$t] : $over);
                    }
                }
            }
        }
        foreach ($this->conflictsOf[$unit] as [$other, $from, $to, $cost]) {
            if (isset($this->paths[$other])) {
                $path = $this->paths[$other];
                for ($t = $from; $t <= $to; $t++) {
                    $prices[$path[$t] * $periods + $t] += $cost;
                }
            }
        }

        return $prices;
    }

    /** @return array<int, float> by system, what it costs to be the first there */
    public function openings(): array
    {
        $costs = [];
        foreach ($this->problem->openingCost as $s => $cost) {
            if ($cost > 0.0 && $this->used[$s] === 0) {
                $costs[$s] = $cost;
            }
        }

        return $costs;
    }

    /** @param  list<int>  $path */
    public function add(int $unit, array $path): void
    {
        $this->cost += $this->costOf($unit, $path);
        $this->carry($unit, $path, 1.0);
        foreach (array_flip($path) as $s => $_) {
            if ($this->used[$s]++ === 0) {
                $this->cost += $this->problem->openingCost[$s];
            }
        }
        $this->paths[$unit] = $path;
    }

    /** @return list<int> the path that it had */
    public function remove(int $unit): array
    {
        $path = $this->paths[$unit];
        unset($this->paths[$unit]);
        $this->carry($unit, $path, -1.0);
        $this->cost -= $this->costOf($unit, $path);
        foreach (array_flip($path) as $s => $_) {
            if (--$this->used[$s] === 0) {
                $this->cost -= $this->problem->openingCost[$s];
            }
        }

        return $path;
    }

    /**
     * What the path of a unit costs beside those who have one, openings left out.
     *
     * @param  list<int>  $path
     */
    private function costOf(int $unit, array $path): float
    {
        $problem = $this->problem;
        $periods = $problem->periods;
        $before = $problem->start[$unit];
        $cost = 0.0;
        foreach ($path as $t => $s) {
            $cost += $this->strain[$unit][$s * $periods + $t];
            if ($s !== $before) {
                $cost += $problem->moveCost[$unit];
                $before = $s;
            }
        }
        foreach ($problem->load as $k => $loads) {
            $own = $loads[$unit];
            foreach ($path as $t => $s) {
                $before = $this->carried[$k][$s * $periods + $t] - $problem->capacity[$k][$s * $periods + $t];
                if ($before + $own[$t] > 0.0) {
                    $cost += $problem->overloadCost[$k][$s] * ($before > 0.0 ? $own[$t] : $before + $own[$t]);
                }
            }
        }
        foreach ($this->conflictsOf[$unit] as [$other, $from, $to, $each]) {
            if (isset($this->paths[$other])) {
                $others = $this->paths[$other];
                for ($t = $from; $t <= $to; $t++) {
                    $cost += $path[$t] === $others[$t] ? $each : 0.0;
                }
            }
        }

        return $cost;
    }

    /** @param  list<int>  $path */
    private function carry(int $unit, array $path, float $sign): void
    {
        foreach ($this->problem->load as $k => $loads) {
            foreach ($path as $t => $s) {
                $this->carried[$k][$s * $this->problem->periods + $t] += $sign * $loads[$unit][$t];
            }
        }
    }

    private static function penaltyFor(Problem $problem): float
    {
        $most = 1.0 + array_sum($problem->openingCost);
        foreach ($problem->units as $u => $_) {
            $most += $problem->periods * ($problem->moveCost[$u] + max(0.0, ...array_map(fn (?float $strain): float => $strain ?? 0.0, $problem->strain[$u])));
            foreach ($problem->load as $k => $loads) {
                $most += max([0.0, ...$problem->overloadCost[$k]]) * array_sum($loads[$u]);
            }
        }
        foreach ($problem->conflicts as $conflict) {
            $most += $problem->periods * ($conflict->cost ?? 0.0);
        }

        return $most;
    }
}
