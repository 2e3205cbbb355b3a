<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Models\Meal;
use App\Models\Spending;
use App\Models\StockEntry;
use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\FishShare;
use Biomegas\Cost\RunningCost;
use Biomegas\Cost\SpendingKind;
use Biomegas\Cost\YearAhead;
use Biomegas\Facility\System;
use Biomegas\Food\StockEntryKind;
use Illuminate\Support\Facades\DB;

/** What keeping costs a year as it is computed, and what was paid. */
final readonly class CostBook
{
    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** Of a system over the year to come. */
    public function ofSystem(System $system): RunningCost
    {
        return $this->kept->runningCost($system);
    }

    /** @return array<string, RunningCost> its part of what its system costs in the year to come, by fish */
    public function ofFish(System $system): array
    {
        $residents = $this->kept->facility->residentsOf($system);
        if ($residents === []) {
            return [];
        }
        $tables = new FeedingTables($this->kept);
        $halfway = YearAhead::halfway($this->kept->facility->date);
        $feeds = [];
        foreach ($residents as $fish) {
            $feeds[$fish->key] = $tables->ration($system, [$fish], $halfway);
        }

        return FishShare::of($this->ofSystem($system), $feeds);
    }

    /**
     * What was paid, by year and kind; food as it was bought.
     *
     * @return array<int, array<string, float>> the latest year first
     */
    public static function paid(): array
    {
        $paid = [];
        $bought = StockEntry::query()->where('kind', StockEntryKind::Bought)->whereNotNull('price')->groupByRaw('substr(date, 1, 4)')->toBase()->get([DB::raw('substr(date, 1, 4) as year'), DB::raw('sum(price) as sum')]);
        foreach ($bought as $row) {
            $paid[(int) $row->year]['food'] = (float) $row->sum;
        }
        $spent = Spending::query()->groupByRaw('substr(date, 1, 4), kind')->toBase()->get([DB::raw('substr(date, 1, 4) as year'), 'kind', DB::raw('sum(amount) as sum')]);
        foreach ($spent as $row) {
            $paid[(int) $row->year][SpendingKind::from($row->kind)->value] = (float) $row->sum;
        }
        krsort($paid);

        return $paid;
    }

    /** @return array{float, int}|null what food costs a year by the days of the last year that are written down, and how many they are; null: too few */
    public function foodFed(): ?array
    {
        $since = $this->kept->facility->date->plusDays(-(int) LocalDate::DAYS_PER_YEAR)->toIso();
        $byDay = Meal::query()->where('date', '>', $since)->groupBy('date')->toBase()->pluck(DB::raw('sum(cost) as cost'));
        $days = $byDay->count();
        $year = YearAhead::ofDays((float) $byDay->sum(), $days);

        return $year === null ? null : [$year, $days];
    }

    /** What was paid for one system or fish, all years together. */
    public static function paidFor(?int $systemId, ?int $fishId): float
    {
        return (float) Spending::query()->where($fishId === null ? ['system_id' => $systemId] : ['fish_id' => $fishId])->sum('amount');
    }
}
