<?php

declare(strict_types=1);

namespace Biomegas\Cost;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Load\FedOccupant;
use Closure;

/** The year to come, by the middle of each of its months: warmth and appetite change with the seasons, and fish grow. */
final readonly class YearAhead
{
    private const MONTHS = 12;

    /** Fewer days of meals say nothing of a year. Judgement. */
    private const LEAST_DAYS = 14;

    /** @param  Closure(LocalDate): list<FedOccupant>  $fedOn  who is fed there on a day */
    public static function of(System $system, Closure $fedOn, LocalDate $today, Rulebook $rulebook): RunningCost
    {
        $daysPerMonth = LocalDate::DAYS_PER_YEAR / self::MONTHS;
        $year = new RunningCost;
        for ($month = 0; $month < self::MONTHS; $month++) {
            $day = $today->plusDays((int) (($month + 0.5) * $daysPerMonth));
            $year = $year->plus(SystemUpkeep::perDay($system, $fedOn($day), $day, $rulebook)->times($daysPerMonth));
        }

        return $year;
    }

    /** The day on which the parts of those who share a home are as over the year. */
    public static function halfway(LocalDate $today): LocalDate
    {
        return $today->plusDays((int) (LocalDate::DAYS_PER_YEAR / 2));
    }

    /** What so much on so many days comes to in a year; null: too few days. */
    public static function ofDays(float $sum, int $days): ?float
    {
        return $days < self::LEAST_DAYS ? null : $sum / $days * LocalDate::DAYS_PER_YEAR;
    }
}
