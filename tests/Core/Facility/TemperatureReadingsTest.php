<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\TemperatureReadings;
use PHPUnit\Framework\TestCase;

final class TemperatureReadingsTest extends TestCase
{
    public function test_between_two_readings_it_is_taken_to_run_evenly_and_across_a_long_gap_nothing_is_known(): void
    {
        $readings = self::readings(['2026-06-20' => 24.0, '2026-06-10' => 20.0, '2026-08-20' => 18.0]);

        $this->assertSame(
            [null, 20.0, 22.0, 24.0, null, 18.0, null],
            array_map(fn (string $date): ?float => $readings->on(LocalDate::fromIso($date)), ['2026-06-09', '2026-06-10', '2026-06-15', '2026-06-20', '2026-07-20', '2026-08-20', '2026-08-21']),
        );
        $this->assertSame([true, false], array_map(fn (string $date): bool => $readings->reachTo(LocalDate::fromIso($date)), ['2026-08-20', '2026-08-21']));
    }

    public function test_it_is_read_back_as_it_was_kept(): void
    {
        $days = ['1969-12-30' => 0.1 + 0.2, '2026-06-10' => -1.5, '2026-06-20' => 26.296636180995];
        $readings = unserialize(serialize(self::readings($days)));

        $this->assertInstanceOf(TemperatureReadings::class, $readings);
        $this->assertSame($days, array_combine(array_map(fn (array $reading): string => $reading[0]->toIso(), $readings->all()), array_column($readings->all(), 1)));
    }

    public function test_none_are_none(): void
    {
        $none = unserialize(serialize(self::readings([])));

        $this->assertInstanceOf(TemperatureReadings::class, $none);
        $this->assertSame([[], null, false], [$none->all(), $none->on(LocalDate::fromIso('2026-06-10')), $none->reachTo(LocalDate::fromIso('2026-06-10'))]);
    }

    /** @param  array<string, float>  $days */
    private static function readings(array $days): TemperatureReadings
    {
        return new TemperatureReadings(array_map(fn (string $date, float $celsius): array => [LocalDate::fromIso($date), $celsius], array_keys($days), $days));
    }
}
