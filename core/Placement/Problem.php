<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Who lives where over time at the least cost, as plain numbers. Units,
 * systems, periods and loads are counted from 0; a cell is system x periods + period.
 */
final readonly class Problem
{
    /**
     * @param  list<string>  $units  keys
     * @param  list<string>  $systems  keys
     * @param  list<list<float|null>>  $strain  by unit and cell; null: forbidden
     * @param  list<int>  $start  by unit, the system before period 0
     * @param  list<float>  $moveCost  by unit
     * @param  list<list<int>>  $stayEnds  by unit and period: having moved in then, the first period in which it may move on
     * @param  list<list<list<float>>>  $load  by load, unit and period
     * @param  list<list<float>>  $capacity  by load and cell
     * @param  list<list<float>>  $overloadCost  by load and system
     * @param  list<float>  $openingCost  by system
     * @param  list<Conflict>  $conflicts
     */
    public function __construct(
        public int $periods,
        public array $units,
        public array $systems,
        public array $strain,
        public array $start,
        public array $moveCost,
        public array $stayEnds,
        public array $load,
        public array $capacity,
        public array $overloadCost,
        public array $openingCost,
        public array $conflicts,
    ) {
    }

    public function cells(): int
    {
        return count($this->systems) * $this->periods;
    }

    /**
     * The same with every opening decided: those opened are paid for, the
     * others are forbidden to all.
     *
     * @param  list<int>  $opened
     */
    public function withOpenings(array $opened): self
    {
        $strain = $this->strain;
        foreach ($this->openingCost as $s => $cost) {
            if ($cost > 0.0 && ! in_array($s, $opened, true)) {
                foreach ($strain as $u => $cells) {
                    $strain[$u] = array_values(array_replace($cells, array_fill($s * $this->periods, $this->periods, null)));
                }
            }
        }

        return new self(
            $this->periods, $this->units, $this->systems, $strain, $this->start, $this->moveCost, $this->stayEnds, $this->load, $this->capacity,
            $this->overloadCost, array_fill(0, count($this->systems), 0.0), $this->conflicts,
        );
    }
}
