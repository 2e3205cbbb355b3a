<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** At the prices of a node: the least that any of its plans must still cost from a period on, whatever was done before. */
final readonly class Completions
{
    /** @var list<array<int, float>> by unit and cell, strain and multipliers */
    public array $prices;

    /** @var list<array<int, float>> sums of prices by unit and system x (periods + 1) + period */
    private array $sums;

    /** @var array<int, array<int, float>> by system and period, what its cells are worth from there on, at most 0 */
    private array $worthFrom;

    /** @var array<int, float> by period, what all systems are worth while no undecided one is open */
    private array $worthClosed;

    /** @param  list<CellPacking>  $packings  by cell */
    public function __construct(
        public SearchNode $node,
        array $packings,
    ) {
        $problem = $node->problem;
        $prices = $sums = [];
        foreach ($node->solvers as $u => $solver) {
            $own = $node->cellMultipliers[$u];
            foreach ($problem->strain[$u] as $cell => $strain) {
                $own[$cell] += $strain ?? 0.0;
            }
            $solver->solve($own);
            $prices[] = $own;
            $sums[] = $this->sumsOf($own);
        }
        [$this->prices, $this->sums] = [$prices, $sums];
        $worthFrom = [];
        $closed = array_fill(0, $problem->periods + 1, 0.0);
        foreach ($problem->systems as $s => $_) {
            $worthFrom[$s][$problem->periods] = 0.0;
            for ($t = $problem->periods - 1; $t >= 0; $t--) {
                $cell = $s * $problem->periods + $t;
                $worthFrom[$s][$t] = $worthFrom[$s][$t + 1] + $packings[$cell]->solve(array_column($node->cellMultipliers, $cell))[0];
                $closed[$t] += min(0.0, $worthFrom[$s][$t] + ($node->undecided[$s] ?? 0.0));
            }
        }
        [$this->worthFrom, $this->worthClosed] = [$worthFrom, $closed];
    }

    /**
     * @param  array<int, true>  $opened  undecided systems that are open by then
     * @return float to add to the sum over units; at most 0
     */
    public function worth(int $period, array $opened): float
    {
        $worth = $this->worthClosed[$period];
        foreach ($opened as $s => $_) {
            $worth += $this->worthFrom[$s][$period] - min(0.0, $this->worthFrom[$s][$period] + $this->node->undecided[$s]);
        }

        return $worth;
    }

    /** For a unit that is in the system before this period and must stay there for so many more periods. */
    public function of(int $unit, int $system, int $locked, int $period): float
    {
        $end = min($period + $locked, $this->node->problem->periods);
        $at = $system * ($this->node->problem->periods + 1);

        return $this->sums[$unit][$at + $end] - $this->sums[$unit][$at + $period] + $this->node->solvers[$unit]->toGo($system, $end);
    }

    /**
     * @param  array<int, float>  $prices
     * @return array<int, float>
     */
    private function sumsOf(array $prices): array
    {
        $periods = $this->node->problem->periods;
        $sums = [];
        foreach ($this->node->problem->systems as $s => $_) {
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
