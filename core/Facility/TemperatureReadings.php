<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** Measured water temperatures, one a day at most. */
final readonly class TemperatureReadings
{
    /** Across a longer gap nothing is known; the expected temperature stands in. */
    private const LONGEST_GAP_DAYS = 14;

    /** Null: there is none. */
    private ?LocalDate $first;

    /** @var list<int> days since the first, rising */
    private array $days;

    /** @var list<float> °C on each of them */
    private array $celsius;

    /** @param  list<array{LocalDate, float}>  $readings day and °C, in any order */
    public function __construct(array $readings)
    {
        usort($readings, fn (array $a, array $b): int => $b[0]->daysUntil($a[0]));
        $this->first = $first = $readings[0][0] ?? null;
        $this->days = $first === null ? [] : array_map(fn (array $reading): int => $first->daysUntil($reading[0]), $readings);
        $this->celsius = array_map(fn (array $reading): float => $reading[1], $readings);
    }

    /**
     * As short as can be: answers that are kept hold many of these, and they are read back all the time.
     *
     * @return array{LocalDate|null, string, string}
     */
    public function __serialize(): array
    {
        return [$this->first, pack('l*', ...$this->days), pack('e*', ...$this->celsius)];
    }

    /** @param  array{LocalDate|null, string, string}  $kept */
    public function __unserialize(array $kept): void
    {
        /** @var array{list<int>, list<float>} $numbers */
        $numbers = [array_values((array) unpack('l*', $kept[1])), array_values((array) unpack('e*', $kept[2]))];
        $this->first = $kept[0];
        [$this->days, $this->celsius] = $numbers;
    }

    /** @return list<array{LocalDate, float}> by date */
    public function all(): array
    {
        return $this->first === null ? [] : array_map(fn (int $day, float $celsius): array => [$this->first->plusDays($day), $celsius], $this->days, $this->celsius);
    }

    /** There are some on that day or later. */
    public function reachTo(LocalDate $date): bool
    {
        return $this->first !== null && $this->days[count($this->days) - 1] >= $this->first->daysUntil($date);
    }

    /** Between the readings about that day; null where there are none near enough. */
    public function on(LocalDate $date): ?float
    {
        if ($this->first === null) {
            return null;
        }
        $day = $this->first->daysUntil($date);
        $next = $this->firstFrom($day);
        [$dayAfter, $after] = [$this->days[$next] ?? null, $this->celsius[$next] ?? null];
        if ($dayAfter === $day) {
            return $after;
        }
        [$dayBefore, $before] = [$this->days[$next - 1] ?? null, $this->celsius[$next - 1] ?? null];
        if ($dayBefore === null || $before === null || $dayAfter === null || $after === null) {
            return null;
        }
        $gap = $dayAfter - $dayBefore;

        return $gap > self::LONGEST_GAP_DAYS ? null : $before + ($after - $before) * ($day - $dayBefore) / $gap;
    }

    private function firstFrom(int $day): int
    {
        [$low, $high] = [0, count($this->days)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->days[$middle] < $day) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
