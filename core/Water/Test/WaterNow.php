<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\Oxygen;
use Biomegas\Water\UnionisedAmmonia;

/** The last value of each quantity that is still worth something, from tests and probes alike. */
final readonly class WaterNow
{
    /** Older values say nothing about today. Judgement. */
    public const LASTS_DAYS = 14;

    /** @param  array<value-of<Quantity>, array{LocalDate, float}>  $values  day and value */
    private function __construct(private array $values)
    {
    }

    /** @param  list<WaterTest>  $tests  by date */
    public static function of(array $tests, LocalDate $today): self
    {
        $values = [];
        foreach ($tests as $test) {
            if ($test->date->daysUntil($today) <= self::LASTS_DAYS) {
                foreach ($test->values as $quantity => $value) {
                    $values[$quantity] = [$test->date, $value];
                }
            }
        }

        return new self($values);
    }

    public function value(Quantity $quantity): ?float
    {
        return $this->values[$quantity->value][1] ?? null;
    }

    public function day(Quantity $quantity): ?LocalDate
    {
        return $this->values[$quantity->value][0] ?? null;
    }

    /** Null when there is nothing to compute it from. A pH that was not measured is taken from the system. */
    public function unionisedAmmonia(?float $usualPh, ?float $usualCelsius): ?float
    {
        $ammonia = $this->value(Quantity::Ammonia);
        $ph = $this->value(Quantity::Ph) ?? $usualPh;
        $celsius = $this->value(Quantity::Temperature) ?? $usualCelsius;

        return $ammonia === null || $ph === null || $celsius === null
            ? null
            : Nitrogen::Ammonia->asNitrogen($ammonia) * UnionisedAmmonia::share($ph, $celsius);
    }

    /** Share of what the water could hold; null when oxygen was not measured. */
    public function oxygenSaturation(?float $usualCelsius): ?float
    {
        $oxygen = $this->value(Quantity::Oxygen);
        $celsius = $this->value(Quantity::Temperature) ?? $usualCelsius;

        return $oxygen === null || $celsius === null
            ? null
            : $oxygen / Oxygen::saturation($celsius, $this->value(Quantity::Salinity) ?? 0.0);
    }

    /** Measured, else as the system is set on that day, else as most are. */
    public function celsiusIn(System $system, LocalDate $day): float
    {
        return $this->value(Quantity::Temperature) ?? $system->likelyCelsius($day);
    }
}
