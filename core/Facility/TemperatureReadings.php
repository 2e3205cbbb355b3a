<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/**
 * Measured water temperatures, one a day at most. Kept as packed numbers, as
 * short as can be: answers that are kept hold many of these, and of those that
 * are read back most are never asked.
 */
final class TemperatureReadings
{
    /** Across a longer gap nothing is known; the expected temperature stands in. */
    private const LONGEST_GAP_DAYS = 14;

    /** Null: there is none. */
    private ?LocalDate $first;

    /** Days since the first, rising; and °C on each of them. */
    private string $packedDays;

    private string $packedCelsius;

    /** @var array{list<int>, list<float>}|null the same, once they are asked for */
    private ?array $unpacked = null;

    /** @param  list<array{LocalDate, float}>  $readings day and °C, in any order */
    public function __construct(array $readings)
    {
        usort($readings, fn (array $a, array $b): int => $b[0]->daysUntil($a[0]));
        $this->first = $first = $readings[0][0] ?? null;
        $this->packedDays = pack('l*', ...($first === null ? [] : array_map(fn (array $reading): int => $first->daysUntil($reading[0]), $readings)));
        $this->packedCelsius = pack('e*', ...array_map(fn (array $reading): float => $reading[1], $readings));
    }

    /** @return array{LocalDate|null, string, string} */
    public function __serialize(): array
    {
        return [$this->first, $this->packedDays, $this->packedCelsius];
    }

    /** @param  array{LocalDate|null, string, string}  $kept */
    public function __unserialize(array $kept): void
    {
        [$this->first, $this->packedDays, $this->packedCelsius] = $kept;
    }

    /** @return array{list<int>, list<float>} */
    private function numbers(): array
    {
        if ($this->unpacked === null) {
            /** @var array{list<int>, list<float>} $numbers */
            $numbers = [array_values((array) unpack('l*', $this->packedDays)), array_values((array) unpack('e*', $this->packedCelsius))];
            $this->unpacked = $numbers;
        }

        return $this->unpacked;
    }

    /** @return list<array{LocalDate, float}> by date */
    public function all(): array
    {
        [$first, [$days, $celsius]] = [$this->first, $this->numbers()];

        return $first === null ? [] : array_map(fn (int $day, float $degrees): array => [$first->plusDays($day), $degrees], $days, $celsius);
    }

    /** There are some on that day or later. */
    public function reachTo(LocalDate $date): bool
    {
        $days = $this->numbers()[0];

        return $this->first !== null && $days[count($days) - 1] >= $this->first->daysUntil($date);
    }

    /** Between the readings about that day; null where there are none near enough. */
    public function on(LocalDate $date): ?float
    {
        if ($this->first === null) {
            return null;
        }
        $day = $this->first->daysUntil($date);
        [$days, $celsius] = $this->numbers();
        $next = self::firstFrom($days, $day);
        [$dayAfter, $after] = [$days[$next] ?? null, $celsius[$next] ?? null];
        if ($dayAfter === $day) {
            return $after;
        }
        [$dayBefore, $before] = [$days[$next - 1] ?? null, $celsius[$next - 1] ?? null];
        if ($dayBefore === null || $before === null || $dayAfter === null || $after === null) {
            return null;
        }
        $gap = $dayAfter - $dayBefore;

        return $gap > self::LONGEST_GAP_DAYS ? null : $before + ($after - $before) * ($day - $dayBefore) / $gap;
    }

    /** @param  list<int>  $days  rising */
    private static function firstFrom(array $days, int $day): int
    {
        [$low, $high] = [0, count($days)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($days[$middle] < $day) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
