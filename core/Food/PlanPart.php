<?php

declare(strict_types=1);

namespace Biomegas\Food;

/** One food of a plan, and what part of the ration it makes up, as dry matter. */
final readonly class PlanPart
{
    public function __construct(
        public Food $food,
        public float $share,
    ) {
    }
}
