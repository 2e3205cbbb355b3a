<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Which units are best together in one cell, when each brings a gain and all
 * share the overload and the conflicts: branch and bound over subsets, the
 * greatest gains first.
 */
final class CellPacking
{
    /** Choices after which what was not looked at counts at its gain. */
    private const MOST_CHOICES = 20_000;

    /** @var list<int> */
    private array $order = [];

    /** @var array<int, float> gains from each place in the order on */
    private array $rest = [];

    /** @var array<int, float> */
    private array $gains = [];

    private float $best = 0.0;

    /** @var list<int> */
    private array $chosen = [];

    private int $choices = 0;

    /**
     * @param  array<int, array<int, float>>  $together  cost by two units, both ways, in this period; infinite where forbidden
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly int $system,
        private readonly int $period,
        private readonly array $together,
    ) {
    }

    /**
     * @param  array<int, float>  $gains  by unit; those without gain are left out
     * @return array{float, list<int>} least cost less gains, at most 0, and the units
     */
    public function solve(array $gains): array
    {
        arsort($gains);
        $this->order = array_keys($gains);
        $this->gains = $gains;
        $this->rest = [count($gains) => 0.0];
        for ($i = count($gains) - 1; $i >= 0; $i--) {
            $this->rest[$i] = $this->rest[$i + 1] + $gains[$this->order[$i]];
        }
        $this->best = 0.0;
        $this->chosen = [];
        $this->choices = 0;
        $this->choose(0, 0.0, [], array_fill(0, count($this->problem->load), 0.0));

        return $this->choices > self::MOST_CHOICES ? [min($this->best, -$this->rest[0]), $this->chosen] : [$this->best, $this->chosen];
    }

    /**
     * @param  float  $value  cost less gains of those chosen
     * @param  list<int>  $units
     * @param  array<int, float>  $carried  by load
     */
    private function choose(int $i, float $value, array $units, array $carried): void
    {
        if ($value < $this->best) {
            $this->best = $value;
            $this->chosen = $units;
        }
        if ($i === count($this->order) || $value - $this->rest[$i] >= $this->best || $this->choices++ > self::MOST_CHOICES) {
            return;
        }
        $u = $this->order[$i];
        $with = $value - $this->gains[$u];
        foreach ($units as $other) {
            $with += $this->together[$u][$other] ?? 0.0;
        }
        if ($with < INF) {
            $more = $carried;
            foreach ($this->problem->load as $k => $loads) {
                $load = $loads[$u][$this->period];
                $over = $carried[$k] + $load - $this->problem->capacity[$k][$this->system];
                if ($over > 0.0) {
                    $with += $this->problem->overloadCost[$k] * min($over, $load);
                }
                $more[$k] += $load;
            }
            $this->choose($i + 1, $with, [...$units, $u], $more);
        }
        $this->choose($i + 1, $value, $units, $carried);
    }
}
