<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** The best plan so far and the greatest lower bound that was proven. */
final class Incumbent
{
    private const TOLERANCE = 1e-7;

    public float $cost = INF;

    public float $bound = 0.0;

    /** @var array<int, list<int>> system by unit and period */
    public array $paths = [];

    public function offer(Occupancy $plan): bool
    {
        if ($plan->cost >= $this->cost - self::TOLERANCE) {
            return false;
        }
        $this->cost = $plan->cost;
        $this->paths = $plan->paths;

        return true;
    }

    public function isProven(): bool
    {
        return $this->bound >= $this->cost - self::TOLERANCE * max(1.0, abs($this->cost));
    }
}
