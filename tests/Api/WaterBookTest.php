<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\Keys;
use App\Facility\WaterBook;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** How far back probes and tests are read for what the water is judged from. */
final class WaterBookTest extends ApiTestCase
{
    private int $system;

    protected function fill(): void
    {
        parent::fill();
        $this->system = $this->system('Porch tank');
        DB::table('daily_readings')->delete();
        DB::table('water_tests')->delete();
    }

    #[TestWith([Quantity::Temperature, 14, true])]
    #[TestWith([Quantity::Temperature, 15, false])]
    #[TestWith([Quantity::Nitrate, 15, true])]
    #[TestWith([Quantity::Nitrate, 120, true])]
    #[TestWith([Quantity::Nitrate, 121, false])]
    public function test_of_probes_a_temperature_counts_for_two_weeks_all_else_for_months(Quantity $quantity, int $daysAgo, bool $isRead): void
    {
        DB::table('daily_readings')->insert(['system_id' => $this->system, 'quantity' => $quantity->value, 'day' => self::ago($daysAgo), 'low' => 20, 'mean' => 21.5, 'high' => 22, 'count' => 9]);

        $this->assertSame($isRead ? [21.5] : [], array_map(fn (WaterTest $test): ?float => $test->value($quantity), $this->tests()));
    }

    public function test_what_somebody_wrote_down_counts_as_long_whatever_it_is(): void
    {
        DB::table('water_tests')->insert([
            ['system_id' => $this->system, 'date' => self::ago(119), 'values' => '{"temperature_c":24,"ph":7.1}'],
            ['system_id' => $this->system, 'date' => self::ago(121), 'values' => '{"temperature_c":25}'],
        ]);

        $this->assertSame([[24.0, 7.1]], array_map(fn (WaterTest $test): array => [$test->value(Quantity::Temperature), $test->value(Quantity::Ph)], $this->tests()));
    }

    public function test_a_probe_that_fell_silent_says_nothing_of_today(): void
    {
        DB::table('daily_readings')->insert(['system_id' => $this->system, 'quantity' => 'temperature_c', 'day' => self::ago(20), 'low' => 9, 'mean' => 9.5, 'high' => 10, 'count' => 9]);

        $this->getJson("/api/v1/systems/{$this->system}")->assertOk()->assertJsonPath('system.water.tested_on', null)->assertJsonPath('system.water.alarms', []);
    }

    /** @return list<WaterTest> */
    private function tests(): array
    {
        return (new WaterBook(new UnreadableRows, LocalDate::fromIso(self::TODAY)))->tests(Keys::ofSystem($this->system));
    }

    private static function ago(int $days): string
    {
        return LocalDate::fromIso(self::TODAY)->plusDays(-$days)->toIso();
    }
}
