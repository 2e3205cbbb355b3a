<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Facility\ReadingLog;
use App\Models\Probe;
use App\Models\WaterTest;
use App\Models\WaterWork;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Water\Test\Quantity;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The water of the demo: weekly changes, a test every other week, two probes, and the bad days. Invented like all of it. */
final class HeronLockWater
{
    private const DAYS = 112;

    private const TAP_NITRATE = 10.0;

    private const TEST_EVERY = 14;

    private const PROBED_DAYS = 730;

    private const TEN_MINUTES = 600;

    private Randomizer $random;

    public function __construct(
        private readonly LocalDate $today,
        private readonly string $zone,
    ) {
        $this->random = new Randomizer(new Mt19937(1884));
    }

    /**
     * @param  array<string, int>  $ids  of the systems by key
     * @param  array<array-key, mixed>  $data
     */
    public function fill(array $ids, array $data): void
    {
        foreach ($data['systems'] as $key => $water) {
            $share = DB::table('systems')->where('id', $ids[$key])->value('description->weekly_change');
            $this->history($ids[$key], $water, (float) $share);
        }
        foreach ($data['works'] as [$key, $daysAgo, $kind]) {
            WaterWork::query()->create(['system_id' => $ids[$key], 'date' => $this->daysAgo($daysAgo), 'kind' => $kind]);
        }
        foreach ($data['tests'] as [$key, $daysAgo, $values, $note]) {
            WaterTest::query()->create(['system_id' => $ids[$key], 'date' => $this->daysAgo($daysAgo), 'values' => $values, 'note' => $note]);
        }
        $this->probe($ids['long'], 'Long tank probe', WaterTemperature::heldAt(26));
        $this->probe($ids['lock'], 'Lock pond probe', WaterTemperature::byMonth([4, 4, 7, 11, 15, 19, 21, 21, 18, 13, 8, 5]));
    }

    /** @param  array{made: float, yield: float, kh: float, celsius: float|null}  $water */
    private function history(int $id, array $water, float $share): void
    {
        $nitrate = self::TAP_NITRATE + $water['yield'] * $water['made'] / $share;
        [$works, $tests] = [[], []];
        $offset = $id % 7;
        for ($day = self::DAYS; $day >= 0; $day--) {
            $nitrate += $water['yield'] * $water['made'] / 7;
            if ($day % self::TEST_EVERY === $offset + 1) {
                $values = ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => round($nitrate * (1 + $this->any(0.06)), 1), 'kh_dkh' => round($water['kh'] + $this->any(0.4), 1)];
                $tests[] = $this->entry($id, $day) + ['values' => json_encode($water['celsius'] === null ? $values : ['temperature_c' => round($water['celsius'] + $this->any(0.3), 1), ...$values], JSON_THROW_ON_ERROR)];
            }
            if ($day % 7 === $offset) {
                $nitrate = (1 - $share) * $nitrate + $share * self::TAP_NITRATE;
                $works[] = $this->entry($id, $day) + ['kind' => 'water-change', 'share' => $share];
            }
        }
        DB::table('water_works')->insert($works);
        DB::table('water_tests')->insert($tests);
    }

    /** Days of its two years as they were summed up, and every reading of the last two days. */
    private function probe(int $id, string $name, WaterTemperature $expected): void
    {
        $probe = Probe::query()->create(['system_id' => $id, 'name' => $name]);
        $probe->createToken($name, [Probe::MAY_POST]);
        [$rows, $drift] = [[], 0.0];
        for ($day = self::PROBED_DAYS; $day >= 2; $day--) {
            $drift = 0.9 * $drift + $this->any($expected->isSteady() ? 0.1 : 0.5);
            $mean = max(0.5, $expected->on($this->today->plusDays(-$day)) + $drift);
            $rows[] = ['system_id' => $id, 'quantity' => Quantity::Temperature->value, 'day' => $this->daysAgo($day), 'low' => $mean - 0.3, 'mean' => $mean, 'high' => $mean + 0.3, 'count' => 144];
        }
        foreach (array_chunk($rows, 100) as $some) {
            DB::table('daily_readings')->insert($some);
        }
        $start = (new DateTimeImmutable($this->daysAgo(1), new DateTimeZone($this->zone)))->getTimestamp();
        $readings = [];
        for ($at = $start; $at < min($start + 2 * 86400, now()->getTimestamp()); $at += self::TEN_MINUTES) {
            $wave = 0.25 * sin(2 * M_PI * ($at - $start) / 86400 - 2);
            $readings[] = [Quantity::Temperature, new DateTimeImmutable("@{$at}"), round($expected->on($this->today) + $drift + $wave + $this->any(0.05), 2)];
        }
        (new ReadingLog)->record($id, $readings);
        (new ReadingLog)->sumUpWeeks($id, $this->daysAgo(self::PROBED_DAYS));
    }

    /** @return array<string, mixed> */
    private function entry(int $id, int $daysAgo): array
    {
        return ['system_id' => $id, 'date' => $this->daysAgo($daysAgo), 'created_at' => now(), 'updated_at' => now()];
    }

    private function daysAgo(int $days): string
    {
        return $this->today->plusDays(-$days)->toIso();
    }

    /** Evenly between minus and plus this much. */
    private function any(float $most): float
    {
        return $most * ($this->random->getInt(0, 2000) - 1000) / 1000;
    }
}
