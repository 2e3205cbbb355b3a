<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Which units are best together in one cell, when each brings a gain and all
 * share the overload and the conflicts. At a price for each load only the
 * conflicts are left to decide, which gives a bound and a set; where the two
 * do not meet, branch and bound over subsets goes on from there.
 */
final class CellPacking
{
    /** Choices after which the bound counts in place of what was not looked at. */
    private const MOST_CHOICES = 1_500;

    private const MOST_PRICES = 3;

    private const MORE = 1.5;

    /** Below this a gain is noise. */
    private const NO_GAIN = 1e-12;

    /** Slack in any case. */
    private const TOLERANCE = 1e-9;

    private readonly ConflictSearch $conflicts;

    /** @var array<int, float> by unit */
    private array $gains = [];

    /** @var array<int, float> by load, between 0 and the overload cost; from the last time on */
    private array $price;

    /** @var array<int, float> gains less priced loads */
    private array $left = [];

    /** What the capacity is worth at the prices. */
    private float $worthOfRoom = 0.0;

    /** @var list<int> units, the surest first */
    private array $order = [];

    /** @var array<int, float> by place in the order, gains from there on */
    private array $gainsFrom = [];

    /** @var array<int, float> by place in the order, the least of what is left from there on */
    private array $leftFrom = [];

    private float $best = 0.0;

    private float $bound = 0.0;

    /** @var list<int> */
    private array $chosen = [];

    private float $slack = 0.0;

    private int $choices = 0;

    public function __construct(private readonly Cell $cell)
    {
        $this->conflicts = new ConflictSearch($cell->together);
        $this->price = array_fill(0, count($cell->loads), 0.0);
    }

    /**
     * @param  list<Cell>  $cells
     * @return list<self> by cell
     */
    public static function everywhere(array $cells): array
    {
        return array_map(fn (Cell $cell): self => new self($cell), $cells);
    }

    /**
     * @param  array<int, float>  $gains  by unit
     * @param  float  $slack  a set is good enough that could be better by this share of what it is worth
     * @return array{float, list<int>, float} no set costs less after its gains; the best set found, and what that costs
     */
    public function solve(array $gains, float $slack = 0.0): array
    {
        foreach ($gains as $u => $gain) {
            if ($gain <= self::NO_GAIN) {
                unset($gains[$u]);
            }
        }
        if ($gains === []) {
            return [0.0, [], 0.0];
        }
        if ($this->cell->takesAll($gains)) {
            return [-array_sum($gains), array_keys($gains), -array_sum($gains)];
        }
        $this->gains = $gains;
        [$this->best, $this->chosen, $this->bound, $this->choices] = [0.0, [], -INF, 0];
        $this->slack = $slack + self::TOLERANCE;
        $this->price();
        if (! $this->isGoodEnough($this->bound)) {
            $this->sort();
            $this->choose(0, 0.0, 0.0, [], $this->cell->empty());
        }
        $isCut = $this->choices > self::MOST_CHOICES;

        return [$isCut ? $this->bound : max($this->bound, (1 + $this->slack) * $this->best), $this->chosen, $this->best];
    }

    /** Looks for the prices of loads at which the bound is greatest, and keeps the best set met on the way. */
    private function price(): void
    {
        $low = array_fill(0, count($this->cell->loads), 0.0);
        $high = $this->cell->overloadCost;
        for ($n = 0; $n < self::MOST_PRICES; $n++) {
            $units = $this->decideByConflicts();
            $this->offer($units);
            $over = $this->cell->overloads($units);
            if ($this->isGoodEnough($this->bound)) {
                return;
            }
            $k = $this->mostAtOdds($over);
            if ($k === null) {
                return;
            }
            if ($over[$k] > 0.0) {
                $low[$k] = $this->price[$k];
            } else {
                $high[$k] = $this->price[$k];
            }
            $this->price[$k] = $this->priceBetween($k, $low[$k], $high[$k]);
        }
    }

    /** Halfway; but where nothing is known from above yet, what is usual or half as much again, for overload may cost far more. */
    private function priceBetween(int $k, float $low, float $high): float
    {
        if ($high === $this->cell->overloadCost[$k] && $this->price[$k] === $low) {
            $price = $low === 0.0 ? $this->firstPrices()[$k] : self::MORE * $low;
            if ($low < $price && $price < $high) {
                return $price;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * At the present prices nobody's load is in anybody's way; only conflicts are.
     *
     * @return list<int> the best units then
     */
    private function decideByConflicts(): array
    {
        $this->left = $this->gains;
        $this->worthOfRoom = 0.0;
        foreach ($this->price as $k => $price) {
            if ($price > 0.0) {
                $this->worthOfRoom += $price * $this->cell->capacity[$k];
                foreach ($this->left as $u => $gain) {
                    $this->left[$u] = $gain - $price * $this->cell->loads[$k][$u];
                }
            }
        }
        $willing = [];
        foreach ($this->left as $u => $gain) {
            if ($gain > 0.0) {
                $willing[$u] = $gain;
            }
        }
        [$gain, $units] = $this->conflicts->solve($willing);
        $this->bound = max($this->bound, -$gain - $this->worthOfRoom);

        return $units;
    }

    /**
     * Where the units that pay their load best just fill the room, the last of
     * them sets the price; each load after the other, the earlier ones priced.
     *
     * @return array<int, float> by load
     */
    private function firstPrices(): array
    {
        $prices = array_fill(0, count($this->cell->loads), 0.0);
        $left = $this->gains;
        foreach ($this->cell->loads as $k => $loads) {
            $rates = [];
            foreach ($left as $u => $gain) {
                if ($gain > 0.0 && $loads[$u] > 0.0) {
                    $rates[$u] = $gain / $loads[$u];
                }
            }
            arsort($rates);
            $room = $this->cell->capacity[$k];
            foreach ($rates as $u => $rate) {
                $room -= $loads[$u];
                if ($room < 0.0) {
                    $prices[$k] = $rate < $this->cell->overloadCost[$k] ? $rate : $this->cell->overloadCost[$k];
                    break;
                }
            }
            if ($prices[$k] > 0.0) {
                foreach ($left as $u => $gain) {
                    $left[$u] = $gain - $prices[$k] * $loads[$u];
                }
            }
        }

        return $prices;
    }

    /**
     * @param  list<float>  $over  load beyond capacity, below 0 where there is room
     * @return int|null the load whose price should change most; null: none
     */
    private function mostAtOdds(array $over): ?int
    {
        [$worst, $most] = [null, 0.0];
        foreach ($over as $k => $amount) {
            $price = $this->price[$k];
            $odds = ($amount > 0.0 ? ($this->cell->overloadCost[$k] - $price) : $price) * abs($amount);
            if ($odds > $most) {
                [$worst, $most] = [$k, $odds];
            }
        }

        return $worst;
    }

    /**
     * Adds who still betters the set, and keeps it when it is the best.
     *
     * @param  list<int>  $units
     */
    private function offer(array $units): void
    {
        $value = 0.0;
        $over = $this->cell->empty();
        $in = [];
        $rest = $this->left;
        foreach ($units as $u) {
            $value += $this->cell->join($u, $in, $over) - $this->gains[$u];
            $in[] = $u;
            unset($rest[$u]);
        }
        arsort($rest);
        foreach ($rest as $u => $_) {
            $with = $over;
            $more = $this->cell->join($u, $in, $with) - $this->gains[$u];
            if ($more < 0.0) {
                $value += $more;
                $over = $with;
                $in[] = $u;
            }
        }
        if ($value < $this->best) {
            [$this->best, $this->chosen] = [$value, $in];
        }
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
        $this->gainsFrom = $this->leftFrom = [$n => 0.0];
        for ($i = $n - 1; $i >= 0; $i--) {
            $u = $this->order[$i];
            $this->gainsFrom[$i] = $this->gainsFrom[$i + 1] + $this->gains[$u];
            $this->leftFrom[$i] = $this->leftFrom[$i + 1] - ($this->left[$u] > 0.0 ? $this->left[$u] : 0.0);
        }
    }

    /**
     * @param  float  $value  cost less gains of those chosen
     * @param  float  $priced  the same with the loads at their prices in place of the overload
     * @param  list<int>  $units
     * @param  array<int, float>  $over  by load, beyond capacity
     */
    private function choose(int $i, float $value, float $priced, array $units, array $over): void
    {
        if ($value < $this->best) {
            $this->best = $value;
            $this->chosen = $units;
        }
        if ($i === count($this->order) || $this->isGoodEnough(max($value - $this->gainsFrom[$i], $priced + $this->leftFrom[$i] - $this->worthOfRoom, $this->bound))
            || $this->choices++ > self::MOST_CHOICES) {
            return;
        }
        $u = $this->order[$i];
        if ($this->left[$u] < 0.0) {
            $this->choose($i + 1, $value, $priced, $units, $over);
        }
        $with = $over;
        $more = $this->cell->join($u, $units, $with) - $this->gains[$u];
        if ($more < INF) {
            $this->choose($i + 1, $value + $more, $priced + $this->cell->conflicts($u, $units) - $this->left[$u], [...$units, $u], $with);
        }
        if ($this->left[$u] >= 0.0) {
            $this->choose($i + 1, $value, $priced, $units, $over);
        }
    }

    /** Could anything with this bound better the best set by more than the slack? */
    private function isGoodEnough(float $bound): bool
    {
        return $bound >= (1 + $this->slack) * $this->best;
    }
}
