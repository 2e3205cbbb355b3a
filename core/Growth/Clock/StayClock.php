<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;

/** Growth time from today on for one who goes from home to home: the clock of the present home, and what was gained before. */
final readonly class StayClock
{
    private function __construct(
        private GrowthClock $inHome,
        private LocalDate $from,
        /** Years of growth time gained elsewhere, less those that the home's own clock had run by then. */
        private float $brought,
    ) {
    }

    /** @param  GrowthClock  $inHome  of the home that it lives in, from today on */
    public static function startingOn(LocalDate $today, GrowthClock $inHome): self
    {
        return new self($inHome, $today, 0.0);
    }

    /** @param  GrowthClock  $inHome  of the home that it moves into, from today on */
    public function movingOn(LocalDate $day, GrowthClock $inHome): self
    {
        return new self($inHome, $day, $this->timeOn($day) - $inHome->timeOn($day));
    }

    /** Years of growth time from today until that day, which is none before the move. */
    public function timeOn(LocalDate $date): float
    {
        return max(0.0, $this->brought + $this->inHome->timeOn($date));
    }

    /** The first day of the stay with at least this growth time, or null when the clock ends before. */
    public function firstDayWith(float $time): ?LocalDate
    {
        $day = $this->inHome->firstDayWith($time - $this->brought);

        return $day === null ? null : LocalDate::later($day, $this->from);
    }
}
