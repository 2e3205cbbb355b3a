<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** A plan with a proof of how good it is. */
final readonly class Solution
{
    /**
     * @param  array<string, list<string>>  $assignments  system by period, for each unit
     * @param  array<string, int|float>  $did  what the solver did: rounds, states, seconds of each part
     */
    public function __construct(
        public array $assignments,
        public float $objective,
        /** No plan costs less. */
        public float $bound,
        public bool $isOptimal,
        public array $did,
    ) {
    }
}
