<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * The step in which costs of plans can differ. Where every cost that a plan is
 * made of is a multiple of one step, so is the cost of every plan, and a bound
 * may be raised to the next multiple.
 */
final readonly class CostGrid
{
    /** Costs with more decimals have no grid. */
    private const PARTS_OF_ONE = 1_000_000;

    private const ROUNDING = 1e-4;

    private const TOLERANCE = 1e-3;

    /** @param  float  $step  0: none */
    private function __construct(public float $step)
    {
    }

    public static function of(Problem $problem): self
    {
        $common = 0;
        foreach (self::costs($problem) as $cost) {
            $parts = round($cost * self::PARTS_OF_ONE);
            if (abs($parts - $cost * self::PARTS_OF_ONE) > self::ROUNDING || abs($parts) > PHP_INT_MAX / 2) {
                return new self(0.0);
            }
            $common = self::commonDivisor($common, abs((int) $parts));
            if ($common === 1) {
                break;
            }
        }

        return new self($common / self::PARTS_OF_ONE);
    }

    /** The least that a plan can cost which does not cost less than the bound. */
    public function raised(float $bound): float
    {
        return $this->step > 0.0 && is_finite($bound) ? max($bound, ceil($bound / $this->step - self::TOLERANCE) * $this->step) : $bound;
    }

    /** A plan that costs less than this one costs less than that, too. */
    public function below(float $cost): float
    {
        return $cost - $this->step / 2;
    }

    /** @return iterable<float> whose sums, with whole factors, are all that a plan can cost */
    private static function costs(Problem $problem): iterable
    {
        yield from $problem->moveCost;
        yield from $problem->openingCost;
        foreach ($problem->conflicts as $conflict) {
            yield $conflict->cost ?? 0.0;
        }
        foreach ($problem->strain as $cells) {
            foreach ($cells as $strain) {
                yield $strain ?? 0.0;
            }
        }
        foreach ($problem->overloadCost as $k => $costs) {
            foreach ($problem->capacity[$k] as $cell => $capacity) {
                yield $costs[intdiv($cell, $problem->periods)] * $capacity;
            }
            foreach (array_unique($costs) as $each) {
                foreach (array_merge(...$problem->load[$k]) as $load) {
                    yield $each * $load;
                }
            }
        }
    }

    private static function commonDivisor(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
