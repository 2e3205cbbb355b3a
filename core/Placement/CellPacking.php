<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Which units are best together in one cell, when each brings a gain and all
 * share the overload and the conflicts: branch and bound over subsets. Behind
 * every choice stands a bound in which the loads have a price each, so that
 * the units left over decide one by one whether they come.
 */
final class CellPacking
{
    /** Choices after which the bound counts in place of what was not looked at. */
    private const MOST_CHOICES = 2_000;

    /** Below this a gain is noise. */
    private const NO_GAIN = 1e-12;

    private const TOLERANCE = 1e-12;

    /** @var list<int> units, the surest first */
    private array $order = [];

    /** @var array<int, float> */
    private array $gains = [];

    /** @var array<int, float> gains less priced loads */
    private array $left = [];

    /** @var array<int, float> by place in the order, gains from there on */
    private array $gainsFrom = [];

    /** @var array<int, float> by place in the order, gains less priced loads from there on, where they are gains */
    private array $pricedFrom = [];

    /** @var list<float> by load, between 0 and the overload cost */
    private array $price = [];

    /** What the capacity is worth at these prices. */
    private float $worthOfRoom = 0.0;

    private float $best = 0.0;

    /** @var list<int> */
    private array $chosen = [];

    private int $choices = 0;

    /**
     * @param  list<array<int, float>>  $loads  by load and unit
     * @param  list<float>  $capacity  by load
     * @param  list<float>  $overloadCost  by load
     * @param  array<int, array<int, float>>  $together  cost by two units, both ways; infinite where forbidden
     */
    public function __construct(
        private readonly array $loads,
        private readonly array $capacity,
        private readonly array $overloadCost,
        private readonly array $together,
    ) {
    }

    /** @return list<self> by cell */
    public static function everywhere(Problem $problem): array
    {
        $loads = $together = [];
        for ($t = 0; $t < $problem->periods; $t++) {
            $loads[] = array_map(fn (array $units): array => array_column($units, $t), $problem->load);
            $together[] = self::togetherAt($problem, $t);
        }
        $cells = [];
        foreach ($problem->systems as $s => $_) {
            $capacity = array_column($problem->capacity, $s);
            for ($t = 0; $t < $problem->periods; $t++) {
                $cells[] = new self($loads[$t], $capacity, $problem->overloadCost, $together[$t]);
            }
        }

        return $cells;
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

    /**
     * @param  array<int, float>  $gains  by unit
     * @return array{float, list<int>} least cost less gains, at most 0 (a bound of it where there are too many ways), and the units
     */
    public function solve(array $gains): array
    {
        foreach ($gains as $u => $gain) {
            if ($gain <= self::NO_GAIN) {
                unset($gains[$u]);
            }
        }
        if ($gains === []) {
            return [0.0, []];
        }
        if ($this->allFit($gains)) {
            return [-array_sum($gains), array_keys($gains)];
        }
        $this->gains = $gains;
        $this->findPrices();
        $this->sort();
        $this->best = 0.0;
        $this->chosen = [];
        $this->choices = 0;
        $bound = $this->pricedFrom[0] - $this->worthOfRoom;
        $this->choose(0, 0.0, 0.0, [], array_fill(0, count($this->loads), 0.0));

        return [$this->choices > self::MOST_CHOICES ? min($this->best, max($bound, -$this->gainsFrom[0])) : $this->best, $this->chosen];
    }

    /** @param  array<int, float>  $gains */
    private function allFit(array $gains): bool
    {
        foreach ($this->loads as $k => $loads) {
            $room = $this->capacity[$k];
            foreach ($gains as $u => $_) {
                $room -= $loads[$u];
            }
            if ($room < 0.0) {
                return false;
            }
        }
        foreach ($gains as $u => $_) {
            foreach ($this->together[$u] ?? [] as $other => $_cost) {
                if (isset($gains[$other])) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Where the units that pay their load best just fill the room, the last of
     * them sets the price; each load after the other, the earlier ones priced.
     */
    private function findPrices(): void
    {
        $this->price = array_fill(0, count($this->loads), 0.0);
        $this->worthOfRoom = 0.0;
        $left = $this->gains;
        foreach ($this->loads as $k => $loads) {
            $rates = [];
            foreach ($left as $u => $gain) {
                if ($gain > 0.0 && $loads[$u] > 0.0) {
                    $rates[$u] = $gain / $loads[$u];
                }
            }
            arsort($rates);
            $room = $this->capacity[$k];
            foreach ($rates as $u => $rate) {
                $room -= $loads[$u];
                if ($room < 0.0) {
                    $this->price[$k] = $rate < $this->overloadCost[$k] ? $rate : $this->overloadCost[$k];
                    break;
                }
            }
            if ($this->price[$k] > 0.0) {
                $this->worthOfRoom += $this->price[$k] * $this->capacity[$k];
                foreach ($left as $u => $gain) {
                    $left[$u] = $gain - $this->price[$k] * $loads[$u];
                }
            }
        }
        $this->left = $left;
    }

    private function sort(): void
    {
        $clear = [];
        foreach ($this->left as $u => $gain) {
            $clear[$u] = $gain < 0.0 ? -$gain : $gain;
        }
        arsort($clear);
        $this->order = array_keys($clear);
        $n = count($this->order);
        $this->gainsFrom = $this->pricedFrom = [$n => 0.0];
        $groups = [];
        for ($i = $n - 1; $i >= 0; $i--) {
            $u = $this->order[$i];
            $this->gainsFrom[$i] = $this->gainsFrom[$i + 1] + $this->gains[$u];
            $this->pricedFrom[$i] = $this->pricedFrom[$i + 1];
            if ($this->left[$u] > 0.0) {
                $this->pricedFrom[$i] -= $this->more($u, $groups);
            }
        }
    }

    /**
     * What a unit adds to the bound: nothing, or less than its gain, where all of a group are in conflict with it.
     *
     * @param  list<array{float, list<int>}>  $groups  gain at most and units
     */
    private function more(int $u, array &$groups): float
    {
        $gain = $this->left[$u];
        $costs = $this->together[$u] ?? [];
        [$bestGroup, $bestSaved] = [-1, 0.0];
        if ($costs !== []) {
            foreach ($groups as $n => [$most, $units]) {
                $saved = $gain < $most ? $gain : $most;
                if ($saved <= $bestSaved) {
                    continue;
                }
                foreach ($units as $other) {
                    $cost = $costs[$other] ?? 0.0;
                    if ($cost < $saved) {
                        $saved = $cost;
                        if ($saved <= $bestSaved) {
                            break;
                        }
                    }
                }
                if ($saved > $bestSaved) {
                    [$bestGroup, $bestSaved] = [$n, $saved];
                }
            }
        }
        if ($bestGroup < 0) {
            $groups[] = [$gain, [$u]];
        } else {
            $groups[$bestGroup][0] += $gain - $bestSaved;
            $groups[$bestGroup][1][] = $u;
        }

        return $gain - $bestSaved;
    }

    /**
     * @param  float  $value  cost less gains of those chosen
     * @param  float  $priced  the same with the loads at their prices in place of the overload
     * @param  list<int>  $units
     * @param  array<int, float>  $carried  by load
     */
    private function choose(int $i, float $value, float $priced, array $units, array $carried): void
    {
        if ($value < $this->best) {
            $this->best = $value;
            $this->chosen = $units;
        }
        $least = $this->best - self::TOLERANCE;
        if ($i === count($this->order) || $value - $this->gainsFrom[$i] >= $least || $priced + $this->pricedFrom[$i] - $this->worthOfRoom >= $least || $this->choices++ > self::MOST_CHOICES) {
            return;
        }
        $u = $this->order[$i];
        if ($this->left[$u] < 0.0) {
            $this->choose($i + 1, $value, $priced, $units, $carried);
        }
        $together = 0.0;
        $costs = $this->together[$u] ?? [];
        if ($costs !== []) {
            foreach ($units as $other) {
                $together += $costs[$other] ?? 0.0;
            }
        }
        if ($together < INF) {
            $with = $value + $together - $this->gains[$u];
            $more = $carried;
            foreach ($this->loads as $k => $loads) {
                $load = $loads[$u];
                $over = $carried[$k] + $load - $this->capacity[$k];
                if ($over > 0.0) {
                    $with += $this->overloadCost[$k] * ($over < $load ? $over : $load);
                }
                $more[$k] += $load;
            }
            $this->choose($i + 1, $with, $priced + $together - $this->left[$u], [...$units, $u], $more);
        }
        if ($this->left[$u] >= 0.0) {
            $this->choose($i + 1, $value, $priced, $units, $carried);
        }
    }
}
