<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** One system in one period: what units cost that are in it together. */
final readonly class Cell
{
    /**
     * @param  list<array<int, float>>  $loads  by load and unit
     * @param  list<float>  $capacity  by load
     * @param  list<float>  $overloadCost  by load
     * @param  array<int, array<int, float>>  $together  cost by two units, both ways; infinite where forbidden
     */
    public function __construct(
        public array $loads,
        public array $capacity,
        public array $overloadCost,
        public array $together,
    ) {
    }

    /** @return list<self> by system x periods + period */
    public static function everywhere(Problem $problem): array
    {
        $loads = $together = [];
        for ($t = 0; $t < $problem->periods; $t++) {
            $loads[] = array_map(fn (array $units): array => array_column($units, $t), $problem->load);
            $together[] = self::togetherAt($problem, $t);
        }
        $cells = [];
        foreach ($problem->systems as $s => $_) {
            $overloadCost = array_column($problem->overloadCost, $s);
            for ($t = 0; $t < $problem->periods; $t++) {
                $cells[] = new self($loads[$t], array_column($problem->capacity, $s * $problem->periods + $t), $overloadCost, $together[$t]);
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

    /** @return list<float> load beyond capacity while nobody is there, by load; below 0 */
    public function empty(): array
    {
        return array_map(fn (float $capacity): float => -$capacity, $this->capacity);
    }

    /**
     * @param  list<int>  $units
     * @return list<float> load beyond capacity, by load; below 0 where there is room
     */
    public function overloads(array $units): array
    {
        $over = [];
        foreach ($this->loads as $k => $loads) {
            $sum = -$this->capacity[$k];
            foreach ($units as $u) {
                $sum += $loads[$u];
            }
            $over[] = $sum;
        }

        return $over;
    }

    /**
     * What it costs that one more comes.
     *
     * @param  list<int>  $in
     * @param  array<int, float>  $over  by load, beyond capacity; with it afterwards
     */
    public function join(int $u, array $in, array &$over): float
    {
        $cost = $this->conflicts($u, $in);
        foreach ($this->loads as $k => $loads) {
            $before = $over[$k];
            $over[$k] += $loads[$u];
            if ($over[$k] > 0.0) {
                $cost += $this->overloadCost[$k] * ($before > 0.0 ? $loads[$u] : $over[$k]);
            }
        }

        return $cost;
    }

    /**
     * What they cost together; infinite where two of them may not meet.
     *
     * @param  list<int>  $units
     */
    public function costOf(array $units): float
    {
        $cost = 0.0;
        $in = [];
        $over = $this->empty();
        foreach ($units as $u) {
            $cost += $this->join($u, $in, $over);
            $in[] = $u;
        }

        return $cost;
    }

    /** @param  list<int>  $in */
    public function conflicts(int $u, array $in): float
    {
        $cost = 0.0;
        $costs = $this->together[$u] ?? [];
        foreach ($costs === [] ? [] : $in as $other) {
            $cost += $costs[$other] ?? 0.0;
        }

        return $cost;
    }

    /**
     * Is there room for all of them, and nobody in conflict?
     *
     * @param  array<int, mixed>  $units  by unit
     */
    public function takesAll(array $units): bool
    {
        if (max([0.0, ...$this->overloads(array_keys($units))]) > 0.0) {
            return false;
        }
        foreach ($units as $u => $_) {
            foreach ($this->together[$u] ?? [] as $other => $_cost) {
                if (isset($units[$other])) {
                    return false;
                }
            }
        }

        return true;
    }
}
