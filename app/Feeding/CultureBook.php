<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Models\Culture as WrittenCulture;
use App\Models\CultureEntry;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Culture\Culture;
use Biomegas\Culture\CultureEvent;
use Biomegas\Culture\CultureOutlook;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\Food;

/** What is bred to be fed, and what the fish take of it as they grow. */
final readonly class CultureBook
{
    public const MOST = 50;

    private const MONTHS = 12;

    private const DAYS_PER_MONTH = 30;

    public function __construct(private FacilitySnapshot $kept, private FoodBook $food)
    {
    }

    /** @return list<array{WrittenCulture, CultureOutlook}> those that go on, by name */
    public function all(): array
    {
        $rows = WrittenCulture::query()->whereNull('ended_on')->orderByRaw('name collate nocase')->limit(self::MOST)->get();

        return $this->kept->unreadable->readAll(StoredTable::Cultures, $rows, fn (WrittenCulture $row): array => [$row, $this->outlook($row)]);
    }

    public function outlook(WrittenCulture $row): CultureOutlook
    {
        $food = $this->kept->foods->find($row->food_id);

        return CultureOutlook::of(self::culture($row), $this->events($row), $food === null ? [[$this->kept->facility->date, 0.0]] : $this->taken($food), $this->kept->facility->date);
    }

    public static function culture(WrittenCulture $row): Culture
    {
        return new Culture($row->kind, LocalDate::fromIso($row->started_on), $row->seed, $row->room, $row->tanks);
    }

    /** @return list<CultureEvent> by date */
    private function events(WrittenCulture $row): array
    {
        $entries = CultureEntry::query()->where('culture_id', $row->id)->orderBy('date')->orderBy('id')->get();

        return $this->kept->unreadable->readAll(StoredTable::CultureEntries, $entries, fn (CultureEntry $entry): CultureEvent => new CultureEvent(LocalDate::fromIso($entry->date), $entry->kind, $entry->number));
    }

    /** @return non-empty-list<array{LocalDate, float}> a week, month by month over a year, today first: as the fish grow and the water warms and cools */
    private function taken(Food $food): array
    {
        $tables = new FeedingTables($this->kept);
        $taken = [];
        for ($month = 0; $month <= self::MONTHS; $month++) {
            $day = $this->kept->facility->date->plusDays($month * self::DAYS_PER_MONTH);
            $perDay = array_sum(array_map(fn (FeedingTable $table): float => $table->plan?->perDay($food, $tables->ration($table->system, $table->fish, $day)) ?? 0.0, $this->food->tables()));
            $taken[] = [$day, LocalDate::DAYS_PER_WEEK * $perDay];
        }

        return $taken;
    }
}
