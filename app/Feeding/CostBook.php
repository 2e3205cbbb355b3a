<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Models\Meal;
use App\Models\Spending;
use App\Models\StockEntry;
use Biomegas\Cost\FishShare;
use Biomegas\Cost\RunningCost;
use Biomegas\Cost\SpendingKind;
use Biomegas\Cost\SystemUpkeep;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Food\StockEntryKind;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Water\Load\FedOccupant;
use Illuminate\Support\Facades\DB;

/** What keeping costs a year as it is computed, and what was paid. */
final readonly class CostBook
{
    private const DAYS_PER_YEAR = 365.25;

    /** The middle of each month of the year to come: warmth and appetite change with the seasons. */
    private const MONTHS = 12;

    private const DAYS_PER_MONTH = 30.4375;

    /** Fewer days of meals say nothing of a year. */
    private const LEAST_DAYS = 14;

    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** Of a system over the year to come. */
    public function ofSystem(System $system): RunningCost
    {
        $rulebook = $this->kept->facility->rulebook->holdingFor($system->key);
        $year = new RunningCost;
        for ($month = 0; $month < self::MONTHS; $month++) {
            $day = $this->kept->facility->date->plusDays((int) (($month + 0.5) * self::DAYS_PER_MONTH));
            $fed = array_map(fn (ProjectedOccupant $occupant): FedOccupant => $occupant->fedOn($day), $this->kept->growing($system));
            $year = $year->plus(SystemUpkeep::perDay($system, $fed, $day, $rulebook)->times(self::DAYS_PER_YEAR / self::MONTHS));
        }

        return $year;
    }

    /** @return array<string, RunningCost> its part of what its system costs in the year to come, by fish */
    public function ofFish(System $system): array
    {
        $residents = $this->kept->facility->residentsOf($system);
        if ($residents === []) {
            return [];
        }
        $tables = new FeedingTables($this->kept);
        $halfway = $this->kept->facility->date->plusDays((int) (self::DAYS_PER_YEAR / 2));
        $feeds = [];
        foreach ($residents as $fish) {
            $feeds[$fish->key] = $tables->ration($system, [$fish], $halfway);
        }

        return FishShare::of($this->ofSystem($system), $feeds);
    }

    /** What a fish costs in the year to come, wherever it lives now. */
    public function of(Fish $fish): RunningCost
    {
        return $this->ofFish($this->kept->facility->system($fish->currentSystem()))[$fish->key];
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
        $lately = Meal::query()->where('date', '>', $this->kept->facility->date->plusDays(-(int) self::DAYS_PER_YEAR)->toIso());
        $days = $lately->clone()->distinct()->count('date');

        return $days < self::LEAST_DAYS ? null : [(float) $lately->sum('cost') / $days * self::DAYS_PER_YEAR, $days];
    }

    /** What was paid for one system or fish, all years together. */
    public static function paidFor(?int $systemId, ?int $fishId): float
    {
        return (float) Spending::query()->where($fishId === null ? ['system_id' => $systemId] : ['fish_id' => $fishId])->sum('amount');
    }
}
