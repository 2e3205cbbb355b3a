<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterNow;
use Biomegas\Water\Test\WaterTest;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use UnexpectedValueException;

/** What was measured and done in the water of all systems over the last months, as the core wants it: three queries. */
final class WaterBook
{
    public const CHANGE = 'water-change';

    /** As far back as anything is judged from. */
    private const DAYS = 120;

    /** @var array<string, list<WaterTest>>|null by system */
    private ?array $tests = null;

    /** @var array<string, list<array{LocalDate, float}>>|null day and share, by system */
    private ?array $changes = null;

    /** @var array<string, list<array{LocalDate, FilterCare}>>|null by system */
    private ?array $filterCares = null;

    public function __construct(private readonly UnreadableRows $unreadable, private readonly LocalDate $today)
    {
    }

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

    /** @return list<array{LocalDate, FilterCare}> day and what was done to the filter, by date */
    public function filterCares(string $systemKey): array
    {
        return ($this->filterCares ??= $this->readFilterCares())[$systemKey] ?? [];
    }

    /** @return array<string, list<array{LocalDate, FilterCare}>> */
    private function readFilterCares(): array
    {
        $cares = [];
        $works = DB::table('water_works')->whereNull('deleted_at')->where('kind', '!=', self::CHANGE)->where('date', '>=', $this->since())->orderBy('date')->get();
        $this->unreadable->readAll(StoredTable::WaterWorks, $works, function (stdClass $row) use (&$cares): void {
            $cares[Keys::ofSystem($row->system_id)][] = [LocalDate::fromIso($row->date), FilterCare::from($row->kind)];
        });

        return $cares;
    }

    /**
     * A temperature is asked only as that of today: those of probes further back, one a day and home, are most of all rows and left.
     *
     * @return array<string, list<WaterTest>>
     */
    private function readTests(): array
    {
        $byDay = [];
        $lasting = $this->today->plusDays(-WaterNow::LASTS_DAYS)->toIso();
        $readings = DB::table('daily_readings')->where('day', '>=', $this->since())->where(fn (Builder $one): Builder => $one->where('quantity', '!=', Quantity::Temperature->value)->orWhere('day', '>=', $lasting))->orderBy('day')->get(['system_id', 'quantity', 'day', 'mean', 'rowid as id']);
        $this->unreadable->readAll(StoredTable::DailyReadings, $readings, function (stdClass $row) use (&$byDay): void {
            $byDay[LocalDate::fromIso($row->day)->toIso()][$row->system_id][0][Quantity::from($row->quantity)->value] = (float) $row->mean;
        });
        $written = DB::table('water_tests')->whereNull('deleted_at')->where('date', '>=', $this->since())->orderBy('date')->orderBy('id')->get();
        $this->unreadable->readAll(StoredTable::WaterTests, $written, function (stdClass $row) use (&$byDay): void {
            $byDay[LocalDate::fromIso($row->date)->toIso()][$row->system_id][] = self::values($row);
        });
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
        $values = [];
        foreach ((array) json_decode($row->values, true, 4, JSON_THROW_ON_ERROR) as $quantity => $value) {
            $values[Quantity::from((string) $quantity)->value] = is_numeric($value) ? (float) $value : throw new UnexpectedValueException("{$quantity} is no number.");
        }

        return $values === [] ? throw new UnexpectedValueException('The test has no values.') : $values;
    }

    /** @return array<string, list<array{LocalDate, float}>> */
    private function readChanges(): array
    {
        $changes = [];
        $works = DB::table('water_works')->whereNull('deleted_at')->where('kind', self::CHANGE)->where('date', '>=', $this->since())->orderBy('date')->get();
        $this->unreadable->readAll(StoredTable::WaterWorks, $works, function (stdClass $row) use (&$changes): void {
            $changes[Keys::ofSystem($row->system_id)][] = [LocalDate::fromIso($row->date), (float) $row->share];
        });

        return $changes;
    }

    private function since(): string
    {
        return $this->today->plusDays(-self::DAYS)->toIso();
    }
}
