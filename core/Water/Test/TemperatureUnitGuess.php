<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

/** Whether a column of bare temperatures is in °F: no water with fish in it is so warm in °C, and none so cold in °F. */
final readonly class TemperatureUnitGuess
{
    private const BETWEEN = 45.0;

    /**
     * @param  list<float>  $numbers  as typed
     * @return bool|null null: there are none, or they contradict each other
     */
    public static function isFahrenheit(array $numbers): ?bool
    {
        $above = count(array_filter($numbers, fn (float $number): bool => $number > self::BETWEEN));

        return match (true) {
            $numbers === [], $above > 0 && $above < count($numbers) => null,
            default => $above > 0,
        };
    }
}
