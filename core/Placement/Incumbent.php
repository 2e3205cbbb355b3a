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

    /** @param  float  $slack  the share of its cost by which the best plan may be worse than the optimum when the search ends */
    public function __construct(private readonly float $slack = 0.0)
    {
    }

    /** What a plan must cost less than to be worth looking for. */
    public function goal(): float
    {
        return (1 - $this->slack) * $this->cost;
    }

    /** Is no plan better by more than the slack? */
    public function isGoodEnough(): bool
    {
        return $this->bound >= $this->goal() - self::TOLERANCE * max(1.0, abs($this->cost));
    }

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
