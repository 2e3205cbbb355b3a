<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\Culture;
use App\Models\StockEntry as WrittenEntry;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\Food;
use Biomegas\Food\FoodUse;
use Biomegas\Food\GoesShort;
use Biomegas\Food\Purchase;
use Biomegas\Food\ShoppingList;
use Biomegas\Food\Stock;
use Biomegas\Food\StockEntry;
use Biomegas\Food\UnfitFood;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What is left of each food, what it is used by, and what to buy. */
final class FoodBook
{
    /** What was fed longer ago is not looked for. */
    private const DAYS = 400;

    /** @var list<FeedingTable>|null */
    private ?array $tables = null;

    /** @var array<int, Stock>|null by food */
    private ?array $stocks = null;

    public function __construct(private readonly FacilitySnapshot $kept)
    {
    }

    /** @return list<FeedingTable> in walking order */
    public function tables(): array
    {
        return $this->tables ??= (new FeedingTables($this->kept))->all();
    }

    /** @return array<int, Stock> by food, in the order of their names */
    public function stocks(): array
    {
        return $this->stocks ??= $this->readStocks();
    }

    /** @return list<Purchase> what is bred here is not bought */
    public function shoppingList(): array
    {
        $bred = self::bred();

        return ShoppingList::of(array_values(array_filter($this->stocks(), fn (Stock $stock): bool => ! in_array(FoodStore::id($stock->food), $bred, true))), $this->kept->facility->date);
    }

    /** In its unit, what the plans take of it on a usual day. */
    public function planned(Food $food): float
    {
        return array_sum(array_map(fn (FeedingTable $table): float => $table->plan?->perDay($food, $table->ration) ?? 0.0, $this->tables()));
    }

    /** @return list<Finding> whether a home is fed far more or less than by the book, and who goes short at its table */
    public function findings(System $system): array
    {
        $habit = $this->kept->habits->record(Keys::id($system->key))->finding($this->kept->facility->date);
        $unfit = array_merge(...array_map(fn (FeedingTable $table): array => $table->plan === null ? [] : UnfitFood::of($table->plan, $table->fish, $this->kept->facility->rulebook), (new FeedingTables($this->kept))->of($system)));

        return [...($habit === null ? [] : [$habit]), ...$unfit, ...GoesShort::among($this->kept->facility->residentsOf($system))];
    }

    /** @return list<int> foods that a culture gives */
    private static function bred(): array
    {
        return array_values(Culture::query()->whereNull('ended_on')->pluck('food_id')->all());
    }

    /**
     * Summed where the rows are: a year of meals is some ten thousand.
     *
     * @param  list<int>  $foods
     * @param  array<int, list<StockEntry>>  $entries  by food
     * @return array<int, FoodUse> by food
     */
    private static function uses(array $foods, array $entries, LocalDate $today): array
    {
        $fed = DB::table('meals')->whereNull('deleted_at')->whereIn('food_id', $foods);
        $lately = [];
        foreach ($fed->clone()->whereBetween('date', array_map(fn (LocalDate $day): string => $day->toIso(), FoodUse::daysOfUse($today)))->groupBy('food_id', 'date')->get(['food_id', 'date', DB::raw('sum(amount) as amount')]) as $row) {
            $lately[$row->food_id][$row->date] = (float) $row->amount;
        }
        $known = $fed->clone()->where('date', '>=', $today->plusDays(-self::DAYS)->toIso());
        // Asked of each food, which looks for one row of it; all of a year would be looked through for those that are in it.
        $everFed = array_flip(DB::table('foods')->whereIn('id', $foods)->whereExists($known->clone()->whereColumn('food_id', 'foods.id'))->pluck('id')->all());
        $since = self::sinceKnown($known, array_map(fn (array $ofOne): LocalDate => Stock::knownSince($ofOne, $today), array_intersect_key($entries, array_flip($foods))));
        $uses = [];
        foreach ($foods as $food) {
            $uses[$food] = new FoodUse($since[$food] ?? 0.0, $lately[$food] ?? [], isset($lately[$food]) || isset($everFed[$food]));
        }

        return $uses;
    }

    /**
     * @param  array<int, LocalDate>  $days  by food, when it was last counted
     * @return array<int, float> in the unit of each food, what was fed of it since
     */
    private static function sinceKnown(Builder $fed, array $days): array
    {
        if ($days === []) {
            return [];
        }
        $ofEach = $fed->clone()->where(function (Builder $since) use ($days): void {
            foreach ($days as $food => $day) {
                $since->orWhere(fn (Builder $one): Builder => $one->where('food_id', $food)->where('date', '>', $day->toIso()));
            }
        });

        return array_map(floatval(...), $ofEach->groupBy('food_id')->selectRaw('food_id, sum(amount) as amount')->pluck('amount', 'food_id')->all());
    }

    /** @return array<int, Stock> */
    private function readStocks(): array
    {
        [$today, $bred] = [$this->kept->facility->date, self::bred()];
        $entries = [];
        $this->kept->unreadable->readAll(StoredTable::StockEntries, WrittenEntry::query()->orderBy('date')->orderBy('id')->get(), function (WrittenEntry $row) use (&$entries): void {
            $entries[$row->food_id][] = new StockEntry(LocalDate::fromIso($row->date), $row->kind, $row->amount);
        });
        $uses = self::uses(array_map(FoodStore::id(...), array_values($this->kept->foods->kept())), $entries, $today);

        return array_map(
            fn (Food $food): Stock => Stock::of($food, $entries[FoodStore::id($food)] ?? [], $uses[FoodStore::id($food)], $this->planned($food), $today, in_array(FoodStore::id($food), $bred, true)),
            $this->kept->foods->kept(),
        );
    }
}
