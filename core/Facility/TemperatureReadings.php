<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** Measured water temperatures, one a day at most. */
final readonly class TemperatureReadings
{
    /** Across a longer gap nothing is known; the expected temperature stands in. */
    private const LONGEST_GAP_DAYS = 14;

    /** @var list<array{LocalDate, float}> by date */
    public array $readings;

    /** @param  list<array{LocalDate, float}>  $readings day and °C, in any order */
    public function __construct(array $readings)
    {
        usort($readings, fn (array $a, array $b): int => $b[0]->daysUntil($a[0]));
        $this->readings = $readings;
    }

    /** There are some on that day or later. */
    public function reachTo(LocalDate $date): bool
    {
        $last = $this->readings[count($this->readings) - 1] ?? null;

        return $last !== null && ! $last[0]->isBefore($date);
    }

    /** Between the readings about that day; null where there are none near enough. */
    public function on(LocalDate $date): ?float
    {
        $after = $this->firstFrom($date);
        $next = $this->readings[$after] ?? null;
        if ($next !== null && $next[0]->equals($date)) {
            return $next[1];
        }
        $before = $this->readings[$after - 1] ?? null;
        if ($next === null || $before === null) {
            return null;
        }
        $gap = $before[0]->daysUntil($next[0]);

        return $gap > self::LONGEST_GAP_DAYS
            ? null
            : $before[1] + ($next[1] - $before[1]) * $before[0]->daysUntil($date) / $gap;
    }

    private function firstFrom(LocalDate $date): int
    {
        [$low, $high] = [0, count($this->readings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->readings[$middle][0]->isBefore($date)) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
