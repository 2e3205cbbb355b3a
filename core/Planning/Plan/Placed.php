<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\System;

/** Who is where in each period, with a proof of how good that is. */
final readonly class Placed
{
    public function __construct(
        /** @var array<string, list<string>> system by period, of every fish */
        public array $paths,
        /** @var array<string, System> all that there are and that could be built, by key */
        public array $systems,
        public Periods $periods,
        /** In points: see Weights. */
        public float $objective,
        /** No plan that lets the others stay costs less. */
        public float $bound,
        /** @var list<string> keys of the fish that were let stay where they are */
        public array $staying,
        private Weights $weights,
    ) {
    }

    /** No plan that costs as little besides its moves does with fewer of them. */
    public function leastMoves(int $moves): int
    {
        $besides = $this->objective - $moves * $this->weights->move;

        return max(0, min($moves, (int) ceil(($this->bound - $besides) / $this->weights->move - 1e-6)));
    }
}
