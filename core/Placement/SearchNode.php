<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Some of all plans: those that keep a few decisions, of systems that are
 * opened or not, and of units that are in one system in one period. With the
 * best prices that are known for it.
 */
final class SearchNode
{
    /** No plan of this node costs less. */
    public float $bound = -INF;

    /** @var array<int, array<int, float>> by unit and cell, what the unit pays and the cell gains */
    public array $cellMultipliers = [];

    /** @var array<int, array<int, float>> by undecided system and period, what a used cell pays to the opening */
    public array $openingMultipliers = [];

    /** Where to split it: a unit and a period, or a system that may be opened; null: not known yet. */
    public ?Branching $branching = null;

    /**
     * @param  array<int, UnitPaths>  $solvers  by unit
     * @param  array<int, array<int, true>>  $forbidden  by unit, cells closed to it by decisions
     * @param  array<int, float>  $undecided  opening cost by system
     * @param  float  $paid  openings that are decided
     */
    private function __construct(
        public readonly Problem $problem,
        public readonly array $solvers,
        private readonly array $forbidden,
        public readonly array $undecided,
        public readonly float $paid,
    ) {
    }

    /** All plans. */
    public static function whole(Problem $problem): self
    {
        $units = array_keys($problem->units);
        $node = new self(
            $problem,
            array_map(fn (int $u): UnitPaths => new UnitPaths($problem, $u), $units),
            array_fill(0, count($units), []),
            array_filter($problem->openingCost, fn (float $cost): bool => $cost > 0.0),
            0.0,
        );
        $node->cellMultipliers = array_fill(0, count($units), array_fill(0, $problem->cells(), 0.0));
        foreach ($node->undecided as $s => $cost) {
            $node->openingMultipliers[$s] = array_fill(0, $problem->periods, $cost / $problem->periods);
        }

        return $node;
    }

    /**
     * The same as nodes that together leave nothing out.
     *
     * @return list<self>
     */
    public function split(Branching $branching): array
    {
        if ($branching->period === null) {
            return [$this->closing($branching->of), $this->opening($branching->of)];
        }
        $nodes = [];
        foreach ($this->problem->systems as $s => $_) {
            if ($this->solvers[$branching->of]->isOpen($s, $branching->period)) {
                $nodes[] = $this->placing($branching->of, $s, $branching->period);
            }
        }

        return $nodes;
    }

    private function opening(int $system): self
    {
        return $this->with($this->forbidden, [], array_diff_key($this->undecided, [$system => 0]), $this->paid + $this->undecided[$system]);
    }

    private function closing(int $system): self
    {
        $forbidden = $this->forbidden;
        $changed = [];
        foreach ($this->problem->units as $u => $_) {
            for ($t = 0; $t < $this->problem->periods; $t++) {
                $forbidden[$u][$system * $this->problem->periods + $t] = true;
            }
            $changed[] = $u;
        }

        return $this->with($forbidden, $changed, array_diff_key($this->undecided, [$system => 0]), $this->paid);
    }

    /** One unit in one system in one period; whoever may not be with it there is elsewhere. */
    private function placing(int $unit, int $system, int $period): self
    {
        $periods = $this->problem->periods;
        $forbidden = $this->forbidden;
        $changed = [$unit];
        foreach ($this->problem->systems as $s => $_) {
            if ($s !== $system) {
                $forbidden[$unit][$s * $periods + $period] = true;
            }
        }
        foreach ($this->problem->conflicts as $conflict) {
            if ($conflict->cost === null && $conflict->from <= $period && $period <= $conflict->to && ($conflict->one === $unit || $conflict->other === $unit)) {
                $other = $conflict->one === $unit ? $conflict->other : $conflict->one;
                $forbidden[$other][$system * $periods + $period] = true;
                $changed[] = $other;
            }
        }

        return $this->with($forbidden, $changed, $this->undecided, $this->paid);
    }

    /**
     * @param  array<int, array<int, true>>  $forbidden
     * @param  list<int>  $changed  units
     * @param  array<int, float>  $undecided
     */
    private function with(array $forbidden, array $changed, array $undecided, float $paid): self
    {
        $solvers = $this->solvers;
        foreach ($changed as $u) {
            $solvers[$u] = new UnitPaths($this->problem, $u, $forbidden[$u]);
        }
        $node = new self($this->problem, $solvers, $forbidden, $undecided, $paid);
        $node->bound = $this->bound;
        $node->cellMultipliers = $this->cellMultipliers;
        $node->openingMultipliers = array_intersect_key($this->openingMultipliers, $undecided);

        return $node;
    }
}
