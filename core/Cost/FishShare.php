<?php

declare(strict_types=1);

namespace Biomegas\Cost;

/**
 * What each fish of a system costs of what the system costs: its own food, and
 * of water and power the part that it eats of all that is eaten, for by that it
 * fouls and fills its home. Where nothing is eaten, equal parts. Judgement.
 */
final readonly class FishShare
{
    /**
     * @param  array<string, float>  $feeds  grams of food a day, by fish
     * @return array<string, RunningCost> by fish
     */
    public static function of(RunningCost $system, array $feeds): array
    {
        $whole = array_sum($feeds);

        return array_map(fn (float $feed): RunningCost => $system->times($whole > 0.0 ? $feed / $whole : 1 / count($feeds)), $feeds);
    }
}
