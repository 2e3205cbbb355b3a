<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\TemperatureReadings;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Rulebook\Ration;

/** How much a species grows in a system on each day of the year, in years of growth time. */
final readonly class DailyGrowth
{
    private const DAYS_IN_LEAP_YEAR = 366;

    /** @param  non-empty-list<float>  $byDayOfYear one step for every day, or a single one for all */
    private function __construct(
        private array $byDayOfYear,
        private ?CardinalTemperatures $points = null,
        private ?TemperatureReadings $readings = null,
        private float $ofRation = 1.0,
    ) {
    }

    /** The same every day, 1 being growth at the reference: for species whose answer to temperature is not known. */
    public static function steady(float $rate): self
    {
        return new self([$rate / LocalDate::DAYS_PER_YEAR]);
    }

    public static function of(Species $species, System $system, Ration $ration): self
    {
        $ofRation = $ration->growthFactor();
        if ($species->cardinalTemperatures === null || $system->temperature === null) {
            return self::steady($ofRation);
        }

        return new self(array_map(
            fn (float $response): float => $ofRation * $response / LocalDate::DAYS_PER_YEAR,
            self::responses($species->cardinalTemperatures, $system->temperature),
        ), $species->cardinalTemperatures, $system->readings, $ofRation);
    }

    /** The same where they eat more or less. */
    public function times(float $factor): self
    {
        return new self(array_map(fn (float $step): float => $factor * $step, $this->byDayOfYear), $this->points, $this->readings, $factor * $this->ofRation);
    }

    /** @return non-empty-list<float> growth against that at the reference */
    private static function responses(CardinalTemperatures $points, WaterTemperature $water): array
    {
        $atReference = $points->responseAt($points->reference);
        $days = $water->isSteady() ? [1] : range(1, self::DAYS_IN_LEAP_YEAR);

        return array_map(fn (int $day): float => $points->responseAt($water->onDayOfYear($day)) / $atReference, $days);
    }

    /**
     * Growth time at the start of each day after the first, up to the last.
     *
     * @param  float  $time  growth time at the start of the first day
     * @return list<float>
     */
    public function accumulate(float $time, LocalDate $from, LocalDate $until): array
    {
        $days = $from->daysUntil($until);
        $times = [];
        if ($this->readings !== null && $this->points !== null && $this->readings->reachTo($from)) {
            for ($i = 0; $i < $days; $i++) {
                $times[] = $time += $this->onDay($from->plusDays($i), $this->points, $this->readings);
            }

            return $times;
        }
        if (count($this->byDayOfYear) === 1) {
            $step = $this->byDayOfYear[0];
            for ($i = 0; $i < $days; $i++) {
                $times[] = $time += $step;
            }

            return $times;
        }
        $day = $from->dayOfYear() - 1;
        for ($i = 0; $i < $days; $i++) {
            // Within a day of the calendar, without asking it for each day.
            $times[] = $time += $this->byDayOfYear[(int) fmod($day + $i, LocalDate::DAYS_PER_YEAR)];
        }

        return $times;
    }

    /** By the readings of that day, else as expected. */
    private function onDay(LocalDate $date, CardinalTemperatures $points, TemperatureReadings $readings): float
    {
        $celsius = $readings->on($date);

        return $celsius === null
            ? $this->byDayOfYear[count($this->byDayOfYear) === 1 ? 0 : $date->dayOfYear() - 1]
            : $this->ofRation * $points->responseAt($celsius) / $points->responseAt($points->reference) / LocalDate::DAYS_PER_YEAR;
    }
}
