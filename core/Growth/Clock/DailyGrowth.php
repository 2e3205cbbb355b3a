<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\GrowthPoints;
use Biomegas\Facility\Ration;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterTemperature;

/** How fast a kind grows in a system on each day of the year, against growth at its reference temperature. */
final readonly class DailyGrowth
{
    private const DAYS_IN_LEAP_YEAR = 366;

    /** @param  list<float>  $byDayOfYear one rate for every day, or a single one for all */
    private function __construct(private array $byDayOfYear)
    {
    }

    public static function of(Species $species, System $system, Ration $ration): self
    {
        $ofRation = $ration->growthFactor();
        if ($species->growthPoints === null || $system->temperature === null) {
            return new self([$ofRation]);
        }

        return new self(array_map(
            fn (float $response): float => $ofRation * $response,
            self::responses($species->growthPoints, $system->temperature),
        ));
    }

    /** @return list<float> */
    private static function responses(GrowthPoints $points, WaterTemperature $water): array
    {
        $atReference = $points->responseAt($points->reference);
        $days = $water->isSteady() ? [1] : range(1, self::DAYS_IN_LEAP_YEAR);

        return array_map(fn (int $day): float => $points->responseAt($water->onDayOfYear($day)) / $atReference, $days);
    }

    /** @return iterable<float> rates of the days from the first until the one before the last */
    public function between(LocalDate $from, LocalDate $until): iterable
    {
        $days = $from->daysUntil($until);
        if (count($this->byDayOfYear) === 1) {
            for ($i = 0; $i < $days; $i++) {
                yield $this->byDayOfYear[0];
            }

            return;
        }
        $day = $from->dayOfYear() - 1;
        for ($i = 0; $i < $days; $i++) {
            // Within a day of the calendar, without asking it for each day.
            yield $this->byDayOfYear[(int) fmod($day + $i, LocalDate::DAYS_PER_YEAR)];
        }
    }
}
