<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * What each member of a decomposition would do, as a mixture of its choices:
 * every unit its paths, every cell its sets of units, every undecided system
 * open or not. Prices tie them together; a step moves one mixture towards its
 * best choice at present as far as that pays, when disagreement is charged by
 * its square, and the prices with it.
 */
final class Mixtures
{
    private const NOTHING = 1e-9;

    private const STEPS_OF_A_CELL = 2;

    private const CELLS_BETWEEN_LOOKS_AT_THE_CLOCK = 50;

    /** @var array<int, array<int, float>> by unit and cell, how much of its mixture is there; none where it is not */
    public array $there = [];

    /** @var array<int, float> by undecided system, how much of its mixture is open */
    public array $opened = [];

    /** What disagreement costs, times its square. */
    public float $charge = 0.0;

    /** By what share a bound of a cell may be lower than its best set. */
    public float $slack = 0.0;

    /** @var array<int, array<int, float>> by unit and cell, what the unit pays and the cell gains */
    private array $cellMultipliers;

    /** @var array<int, array<int, float>> by undecided system and period, what a used cell pays to the opening */
    private array $openingMultipliers;

    /** @var list<array<int, float>> strain by unit and cell, 0 where forbidden */
    private array $strain = [];

    /** @var array<int, float> by unit, strain and moves of its mixture */
    private array $pathCost = [];

    /** @var list<array<int, mixed>> by cell and unit that may be there */
    private array $allowed = [];

    /** @var array<int, array<int, float>> by cell and unit, how much of its mixture has it; none where it has not */
    private array $taken = [];

    /** @var array<int, float> by cell, overload and conflicts of its mixture */
    private array $cellCost = [];

    /** @var array<int, float> by cell of an undecided system, how much of its mixture is used */
    private array $used = [];

    /** @var array<int, float> by cell whose prices are as they were when it was asked, the worth of its best set */
    private array $settled = [];

    /** @param  array<int, CellPacking>  $packings  by cell */
    public function __construct(
        private readonly SearchNode $node,
        private readonly array $packings,
        private readonly KnownSets $known,
    ) {
        $problem = $node->problem;
        [$this->cellMultipliers, $this->openingMultipliers] = [$node->cellMultipliers, $node->openingMultipliers];
        foreach ($problem->units as $u => $_) {
            $this->strain[] = array_map(fn (?float $strain): float => $strain ?? 0.0, $problem->strain[$u]);
        }
        foreach ($problem->systems as $s => $_) {
            for ($t = 0; $t < $problem->periods; $t++) {
                $this->allowed[] = array_filter($node->solvers, fn (UnitPaths $solver): bool => $solver->isOpen($s, $t));
            }
        }
    }

    /** Gives the node the prices. */
    public function keepPrices(): void
    {
        [$this->node->cellMultipliers, $this->node->openingMultipliers] = [$this->cellMultipliers, $this->openingMultipliers];
    }

    /** Takes the prices of the node again. */
    public function returnToPrices(): void
    {
        [$this->cellMultipliers, $this->openingMultipliers, $this->settled] = [$this->node->cellMultipliers, $this->node->openingMultipliers, []];
    }

    /** Every mixture is the best choice at the prices given, whose value is known. */
    public function begin(): void
    {
        $problem = $this->node->problem;
        foreach ($problem->units as $u => $_) {
            [$worth, $path] = $this->bestPath($u);
            $this->there[$u] = [];
            $this->pathCost[$u] = $worth;
            foreach ($path as $t => $s) {
                $cell = $s * $problem->periods + $t;
                $this->there[$u][$cell] = 1.0;
                $this->pathCost[$u] -= $this->cellMultipliers[$u][$cell];
            }
        }
        foreach ($this->packings as $cell => $_) {
            [, $units, $isUsed, $cost] = $this->bestKnown($cell);
            $this->taken[$cell] = array_fill_keys($units, 1.0);
            [$this->cellCost[$cell], $this->used[$cell]] = [$cost, $isUsed];
        }
        foreach ($this->node->undecided as $s => $opening) {
            $this->opened[$s] = $opening < array_sum($this->openingMultipliers[$s]) ? 1.0 : 0.0;
        }
    }

    /**
     * What the prices prove at present; whether a system is opened is decided over all of its cells.
     *
     * @return float minus infinity when the time ends first
     */
    public function value(Budget $budget, float $share): float
    {
        $periods = $this->node->problem->periods;
        $value = $this->node->paid;
        foreach ($this->node->solvers as $u => $solver) {
            $value += $solver->solve($this->pricesOf($u));
        }
        foreach ($this->node->problem->systems as $s => $_) {
            if ($budget->isSpent($share)) {
                return -INF;
            }
            $worth = $this->node->undecided[$s] ?? 0.0;
            for ($cell = $s * $periods; $cell < ($s + 1) * $periods; $cell++) {
                $worth += $this->settled[$cell] ?? $this->look($cell);
            }
            $value += $worth < 0.0 ? $worth : 0.0;
        }

        return $value;
    }

    /** The prices take over what is charged for disagreement now. */
    public function chargeDisagreement(): void
    {
        $periods = $this->node->problem->periods;
        foreach ($this->there as $u => $cells) {
            foreach ($cells as $cell => $there) {
                $apart = $there - ($this->taken[$cell][$u] ?? 0.0);
                if ($apart !== 0.0) {
                    $this->cellMultipliers[$u][$cell] += $this->charge * $apart;
                    unset($this->settled[$cell]);
                }
            }
        }
        foreach ($this->taken as $cell => $units) {
            foreach ($units as $u => $taken) {
                if (! isset($this->there[$u][$cell])) {
                    $this->cellMultipliers[$u][$cell] -= $this->charge * $taken;
                    unset($this->settled[$cell]);
                }
            }
        }
        foreach ($this->node->undecided as $s => $_) {
            for ($t = 0; $t < $periods; $t++) {
                $apart = $this->used[$s * $periods + $t] - $this->opened[$s];
                if ($apart !== 0.0) {
                    $this->openingMultipliers[$s][$t] += $this->charge * $apart;
                    unset($this->settled[$s * $periods + $t]);
                }
            }
        }
    }

    /** A step of every member, unless the time ends first. */
    public function pass(Budget $budget, float $share): void
    {
        foreach ($this->node->solvers as $u => $_) {
            $this->stepOfUnit($u);
        }
        foreach ($this->node->undecided as $s => $opening) {
            $this->stepOfOpening($s, $opening);
        }
        foreach ($this->packings as $cell => $_) {
            if ($cell % self::CELLS_BETWEEN_LOOKS_AT_THE_CLOCK === 0 && $budget->isSpent($share)) {
                return;
            }
            // Most cells were never worth anything to anybody.
            $steps = $this->known->hasAny($cell) ? self::STEPS_OF_A_CELL : 0;
            for ($step = 0; $step < $steps; $step++) {
                $this->stepOfCell($cell);
            }
        }
    }

    private function stepOfUnit(int $u): void
    {
        $periods = $this->node->problem->periods;
        [$worth, $path] = $this->bestPath($u);
        $paid = $paidThere = $square = 0.0;
        foreach ($this->there[$u] as $cell => $there) {
            $paid += $there * $this->cellMultipliers[$u][$cell];
            $square += $there * $there;
        }
        foreach ($path as $t => $s) {
            $cell = $s * $periods + $t;
            $paidThere += $this->cellMultipliers[$u][$cell];
            $square += 1.0 - 2.0 * ($this->there[$u][$cell] ?? 0.0);
        }
        $pays = $this->pathCost[$u] + $paid - $worth;
        if ($pays <= self::NOTHING) {
            return;
        }
        $far = $pays < $this->charge * $square ? $pays / ($this->charge * $square) : 1.0;
        $this->pathCost[$u] += $far * ($worth - $paidThere - $this->pathCost[$u]);
        foreach ($path as $t => $s) {
            $cell = $s * $periods + $t;
            $this->there[$u][$cell] = ($this->there[$u][$cell] ?? 0.0) + $far;
            $this->cellMultipliers[$u][$cell] += $this->charge * $far;
            unset($this->settled[$cell]);
        }
        foreach ($this->there[$u] as $cell => $there) {
            // On the path the share was raised by all of it before; what it had, and what was added, is cut alike.
            $less = $far * ($path[$cell % $periods] === intdiv($cell, $periods) ? $there - $far : $there);
            if ($there - $less < self::NOTHING) {
                unset($this->there[$u][$cell]);
            } else {
                $this->there[$u][$cell] = $there - $less;
            }
            $this->cellMultipliers[$u][$cell] -= $this->charge * $less;
            unset($this->settled[$cell]);
        }
    }

    private function stepOfOpening(int $s, float $opening): void
    {
        $periods = $this->node->problem->periods;
        $short = $opening - array_sum($this->openingMultipliers[$s]);
        $apart = ($short < 0.0 ? 1.0 : 0.0) - $this->opened[$s];
        $pays = -$apart * $short;
        if ($pays <= self::NOTHING) {
            return;
        }
        $square = $periods * $apart * $apart;
        $step = $apart * ($pays < $this->charge * $square ? $pays / ($this->charge * $square) : 1.0);
        $this->opened[$s] += $step;
        for ($t = 0; $t < $periods; $t++) {
            $this->openingMultipliers[$s][$t] -= $this->charge * $step;
            unset($this->settled[$s * $periods + $t]);
        }
    }

    private function stepOfCell(int $cell): void
    {
        [$s, $t] = [intdiv($cell, $this->node->problem->periods), $cell % $this->node->problem->periods];
        $multiplier = $this->openingMultipliers[$s][$t] ?? null;
        $gained = $square = 0.0;
        foreach ($this->taken[$cell] as $u => $taken) {
            $gained += $taken * $this->cellMultipliers[$u][$cell];
            $square += $taken * $taken;
        }
        $now = $this->cellCost[$cell] - $gained + ($multiplier ?? 0.0) * $this->used[$cell];
        [$worth, $units, $isUsed, $cost] = $this->bestKnown($cell);
        $pays = $now - $worth;
        if ($pays <= self::NOTHING) {
            return;
        }
        unset($this->settled[$cell]);
        foreach ($units as $u) {
            $square += 1.0 - 2.0 * ($this->taken[$cell][$u] ?? 0.0);
        }
        $more = $isUsed - $this->used[$cell];
        $square += $multiplier === null ? 0.0 : $more * $more;
        $far = $pays < $this->charge * $square ? $pays / ($this->charge * $square) : 1.0;
        $this->cellCost[$cell] += $far * ($cost - $this->cellCost[$cell]);
        $chosen = array_fill_keys($units, 1.0);
        foreach ($this->taken[$cell] + array_fill_keys($units, 0.0) as $u => $taken) {
            $apart = ($chosen[$u] ?? 0.0) - $taken;
            if ($apart !== 0.0) {
                $share = $taken + $far * $apart;
                if ($share < self::NOTHING) {
                    $share = 0.0;
                    unset($this->taken[$cell][$u]);
                } else {
                    $this->taken[$cell][$u] = $share;
                }
                $this->cellMultipliers[$u][$cell] -= $this->charge * ($share - $taken);
            }
        }
        $this->used[$cell] += $far * $more;
        if ($multiplier !== null) {
            $this->openingMultipliers[$s][$t] = $multiplier + $this->charge * $far * $more;
        }
    }

    /** @return array{float, list<int>} cost at present prices, and the path */
    private function bestPath(int $u): array
    {
        $prices = $this->pricesOf($u);
        $cost = $this->node->solvers[$u]->solve($prices);

        return [$cost, $cost >= UnitPaths::NEVER ? [] : $this->node->solvers[$u]->path($prices)];
    }

    /** @return array<int, float> by cell, strain and multipliers */
    private function pricesOf(int $u): array
    {
        $prices = $this->cellMultipliers[$u];
        foreach ($this->strain[$u] as $cell => $strain) {
            if ($strain !== 0.0) {
                $prices[$cell] += $strain;
            }
        }

        return $prices;
    }

    /** The best set at present prices is looked for and remembered; no set is worth more than what is returned, rent left out. */
    private function look(int $cell): float
    {
        [$worth, $units] = $this->packings[$cell]->solve($this->gainsIn($cell), $this->slack);
        $this->known->keep($cell, $units);
        if ($this->slack === 0.0) {
            $this->settled[$cell] = $worth;
        }

        return $worth;
    }

    /** @return array{float, list<int>, float, float} worth of the best known set at present prices, its units, 1 where it pays rent, its overload and conflicts */
    private function bestKnown(int $cell): array
    {
        [$worth, $units, $cost] = $this->known->best($cell, $this->cellMultipliers, $this->allowed[$cell]);
        $periods = $this->node->problem->periods;
        $multiplier = $this->openingMultipliers[intdiv($cell, $periods)][$cell % $periods] ?? null;
        if ($multiplier === null) {
            return [$worth, $units, 0.0, $cost];
        }

        return $worth + $multiplier < 0.0 ? [$worth + $multiplier, $units, 1.0, $cost] : [0.0, [], 0.0, 0.0];
    }

    /** @return array<int, float> by unit that may be there */
    private function gainsIn(int $cell): array
    {
        $gains = [];
        foreach ($this->allowed[$cell] as $u => $_) {
            $gains[$u] = $this->cellMultipliers[$u][$cell];
        }

        return $gains;
    }
}
