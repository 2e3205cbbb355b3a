<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was measured and done in the water of all systems over the last months, as the core wants it: three queries. */
final class WaterBook
{
    /** As far back as anything is judged from. */
    private const DAYS = 120;

    /** @var array<string, list<WaterTest>>|null by system */
    private ?array $tests = null;

    /** @var array<string, list<array{LocalDate, float}>>|null day and share, by system */
    private ?array $changes = null;

    /** @return list<WaterTest> tests and daily means of probes, by date */
    public function tests(string $systemKey): array
    {
        return ($this->tests ??= $this->readTests())[$systemKey] ?? [];
    }

    /** @return list<array{LocalDate, float}> day and share of the water changes, by date */
    public function changes(string $systemKey): array
    {
        return ($this->changes ??= $this->readChanges())[$systemKey] ?? [];
    }

    /** @return array<string, list<WaterTest>> */
    private function readTests(): array
    {
        $byDay = [];
        foreach (DB::table('daily_readings')->where('day', '>=', $this->since())->orderBy('day')->get() as $row) {
            $byDay[$row->day][$row->system_id][0][$row->quantity] = (float) $row->mean;
        }
        foreach (DB::table('water_tests')->whereNull('deleted_at')->where('date', '>=', $this->since())->orderBy('date')->orderBy('id')->get() as $row) {
            $byDay[$row->date][$row->system_id][] = self::values($row);
        }
        ksort($byDay);
        $tests = [];
        foreach ($byDay as $day => $systems) {
            foreach ($systems as $id => $all) {
                foreach ($all as $values) {
                    $tests[Keys::ofSystem($id)][] = WaterTest::ofRecord(LocalDate::fromIso($day), $values);
                }
            }
        }

        return $tests;
    }

    /** @return non-empty-array<value-of<Quantity>, float> */
    public static function values(stdClass $row): array
    {
        /** @var non-empty-array<value-of<Quantity>, float> checked before it was written down */
        return array_map(floatval(...), (array) json_decode($row->values, true, 4, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, list<array{LocalDate, float}>> */
    private function readChanges(): array
    {
        $changes = [];
        foreach (DB::table('water_works')->whereNull('deleted_at')->where('kind', 'water-change')->where('date', '>=', $this->since())->orderBy('date')->get() as $row) {
            $changes[Keys::ofSystem($row->system_id)][] = [LocalDate::fromIso($row->date), (float) $row->share];
        }

        return $changes;
    }

    private function since(): string
    {
        return FacilityReader::today(FacilitySettings::query()->firstOrFail())->plusDays(-self::DAYS)->toIso();
    }
}
