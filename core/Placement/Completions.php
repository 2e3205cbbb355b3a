<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** At fixed prices: the least that any plan must still cost from a period on, whatever was done before. */
final readonly class Completions
{
    /** @var list<float> what the prices are worth from each period on */
    private array $worthFrom;

    /** @var list<array<int, float>> sums of prices by unit and system x (periods + 1) + period */
    private array $sums;

    /**
     * @param  list<UnitPaths>  $solvers  solved at these prices
     * @param  list<array<int, float>>  $prices  by unit and cell
     * @param  list<float>  $worth  by period
     */
    public function __construct(
        private Problem $problem,
        public array $solvers,
        public array $prices,
        array $worth,
        /** Openings that are paid for in any case. */
        public float $openingsPaid,
    ) {
        $from = [$problem->periods => 0.0];
        for ($t = $problem->periods - 1; $t >= 0; $t--) {
            $from[$t] = $from[$t + 1] + $worth[$t];
        }
        ksort($from);
        $this->worthFrom = array_values($from);
        $this->sums = array_map($this->sumsOf(...), $prices);
    }

    /** @return float to add to the sum over units; at most 0 */
    public function constant(int $period): float
    {
        return -$this->worthFrom[$period];
    }

    /** For a unit that is in the system before this period and must stay there for so many more periods. */
    public function of(int $unit, int $system, int $locked, int $period): float
    {
        $end = min($period + $locked, $this->problem->periods);
        $at = $system * ($this->problem->periods + 1);

        return $this->sums[$unit][$at + $end] - $this->sums[$unit][$at + $period] + $this->solvers[$unit]->toGo($system, $end);
    }

    /**
     * @param  array<int, float>  $prices
     * @return array<int, float>
     */
    private function sumsOf(array $prices): array
    {
        $periods = $this->problem->periods;
        $sums = [];
        foreach ($this->problem->systems as $s => $_) {
            $sum = 0.0;
            $sums[$s * ($periods + 1)] = 0.0;
            for ($t = 0; $t < $periods; $t++) {
                $sum += $prices[$s * $periods + $t];
                $sums[$s * ($periods + 1) + $t + 1] = $sum;
            }
        }

        return $sums;
    }
}
