<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;

/**
 * Growth time against the calendar: years of growth at the reference
 * temperature and steady ration since the origin. It never runs backwards and
 * stands still in cold water.
 */
final readonly class GrowthClock
{
    /** @param  non-empty-list<float>  $cumulative growth time in years at the start of each day from the origin on */
    private function __construct(
        private LocalDate $origin,
        private array $cumulative,
    ) {
    }

    public static function startingOn(LocalDate $origin): self
    {
        return new self($origin, [0.0]);
    }

    /** The clock run on until that day; unchanged when it has got there already. */
    public function runOn(DailyGrowth $growth, LocalDate $until): self
    {
        return $until->isAfter($this->end())
            ? new self($this->origin, [...$this->cumulative, ...$growth->accumulate($this->endTime(), $this->end(), $until)])
            : $this;
    }

    /** Years of growth time at the start of that day; held at the ends of what the clock covers. */
    public function timeOn(LocalDate $date): float
    {
        $day = max(0, min(count($this->cumulative) - 1, $this->origin->daysUntil($date)));

        return $this->cumulative[$day];
    }

    public function end(): LocalDate
    {
        return $this->origin->plusDays(count($this->cumulative) - 1);
    }

    public function endTime(): float
    {
        return $this->cumulative[count($this->cumulative) - 1];
    }

    /** The first day with at least this growth time, or null when the clock ends before. */
    public function firstDayWith(float $time): ?LocalDate
    {
        if ($time > $this->endTime()) {
            return null;
        }
        [$low, $high] = [0, count($this->cumulative) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->cumulative[$middle] >= $time) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $this->origin->plusDays($low);
    }
}
