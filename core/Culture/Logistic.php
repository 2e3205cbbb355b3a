<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use InvalidArgumentException;

/**
 * A stock that grows until its room is full, dN/dt = rN(1 − N/K) − H, in closed
 * form. Logistic growth with constant harvest: Schaefer (1954), Bulletin of the
 * Inter-American Tropical Tuna Commission 1, 27-56; Clark, Mathematical
 * Bioeconomics, chapter 1. Named from memory.
 */
final readonly class Logistic
{
    /**
     * @param  float  $growth  r, a week
     * @param  float  $room  K: how many there are when it is full
     *
     * @throws InvalidArgumentException unless both are above zero
     */
    public function __construct(
        public float $growth,
        public float $room,
    ) {
        if ($growth <= 0.0 || $room <= 0.0) {
            throw new InvalidArgumentException('Growth and room are above zero.');
        }
    }

    /** Unharvested, after so many weeks. */
    public function after(float $stock, float $weeks): float
    {
        return $stock <= 0.0 ? 0.0 : $this->room / (1 + ($this->room / $stock - 1) * exp(-$this->growth * $weeks));
    }

    /** What a stock yields in a week while it stays as it is. */
    public function yieldAt(float $stock): float
    {
        return max(0.0, $this->growth * $stock * (1 - $stock / $this->room));
    }

    /** The largest harvest a week that can go on for ever: rK/4, of half the room. */
    public function largestSteadyHarvest(): float
    {
        return $this->growth * $this->room / 4;
    }

    /** Weeks until a stock has grown to another; null: it never does. */
    public function weeksUntil(float $stock, float $wanted): ?float
    {
        return match (true) {
            $wanted <= $stock => 0.0,
            $stock <= 0.0, $wanted >= $this->room => null,
            default => log(($wanted / $stock) * ($this->room - $stock) / ($this->room - $wanted)) / $this->growth,
        };
    }

    /**
     * Weeks until nothing is left under a steady harvest; null: it lasts.
     *
     * @param  float  $harvest  a week
     */
    public function weeksUntilGone(float $stock, float $harvest): ?float
    {
        if ($stock <= 0.0) {
            return 0.0;
        }
        $beyond = $harvest - $this->largestSteadyHarvest();
        if ($beyond > 0.0) {
            $scale = sqrt($this->growth / ($beyond * $this->room));
            $half = $this->room / 2;

            return (atan(($stock - $half) * $scale) + atan($half * $scale)) / sqrt($this->growth * $beyond / $this->room);
        }
        [$least, $upper] = $this->balances($harvest);
        if ($stock >= $least || $least <= 0.0) {
            return null;
        }

        return $upper - $least < 1e-9 * $this->room
            ? ($this->room / $this->growth) * (1 / ($least - $stock) - 1 / $least)
            : log($upper * ($least - $stock) / ($least * ($upper - $stock))) / (-$this->growth / $this->room * ($upper - $least));
    }

    /**
     * The stocks that a harvest holds: below the first it dies out, from there it comes to the second.
     *
     * @param  float  $harvest  a week, at most the largest steady one
     * @return array{float, float}
     */
    public function balances(float $harvest): array
    {
        $root = sqrt(max(0.0, 1 - $harvest / $this->largestSteadyHarvest()));

        return [$this->room / 2 * (1 - $root), $this->room / 2 * (1 + $root)];
    }
}
