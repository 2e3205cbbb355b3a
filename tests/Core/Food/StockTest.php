<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\Food;
use Biomegas\Food\FoodUse;
use Biomegas\Food\ShoppingList;
use Biomegas\Food\Stock;
use Biomegas\Food\StockEntry;
use Biomegas\Food\StockEntryKind;
use PHPUnit\Framework\TestCase;

final class StockTest extends TestCase
{
    private const TODAY = '2027-03-29';

    public function test_what_is_left_follows_from_the_last_count(): void
    {
        $stock = $this->stock([['2027-03-01', StockEntryKind::Bought, 1000.0], ['2027-03-22', StockEntryKind::Counted, 400.0], ['2027-03-25', StockEntryKind::Bought, 500.0], ['2027-03-26', StockEntryKind::Discarded, 30.0]], [
            '2027-03-20' => 40.0, '2027-03-22' => 40.0, '2027-03-23' => 40.0, '2027-03-27' => 20.0,
        ]);
        $this->assertEqualsWithDelta(400 + 500 - 30 - 60, $stock->left, 1e-9, 'what was fed on the day of the count was gone by then');
    }

    public function test_what_was_fed_counts_from_the_last_count_on_else_from_the_first_entry(): void
    {
        $today = LocalDate::fromIso(self::TODAY);
        $since = fn (StockEntry ...$entries): string => Stock::knownSince(array_values($entries), $today)->toIso();
        $bought = $this->entry('2027-03-01', StockEntryKind::Bought, 1000.0);
        $counted = $this->entry('2027-03-22', StockEntryKind::Counted, 400.0);

        $this->assertSame('2027-02-28', $since($bought), 'what was fed on the day it came counts');
        $this->assertSame('2027-03-22', $since($bought, $counted, $this->entry('2027-03-25', StockEntryKind::Bought, 500.0)), 'it is counted in the evening');
        $this->assertSame('2027-03-26', $since($bought, $counted, $this->entry('2027-03-26', StockEntryKind::Counted, 390.0)));
        $this->assertSame('2027-03-28', $since(), 'nothing is known');
        $this->assertSame(['2027-03-01', '2027-03-28'], array_map(fn (LocalDate $day): string => $day->toIso(), FoodUse::daysOfUse($today)), 'four weeks; today is not over');
    }

    public function test_use_is_what_was_fed_and_until_then_what_is_planned(): void
    {
        $planned = $this->stock([['2027-03-28', StockEntryKind::Counted, 100.0]], [], planned: 5.0);
        $this->assertSame(5.0, $planned->perDay);
        $this->assertEquals(['2027-04-14', '2027-04-18', '2027-04-24'], [$planned->runOut->early->toIso(), $planned->runOut->likely->toIso(), $planned->runOut->late->toIso()], '16, 20 and 26 days');
        $fed = [];
        for ($day = LocalDate::fromIso('2027-03-01'); $day->isBefore(LocalDate::fromIso(self::TODAY)); $day = $day->plusDays(1)) {
            $fed[$day->toIso()] = 10.0;
        }
        $steady = $this->stock([['2027-03-28', StockEntryKind::Counted, 100.0]], $fed, planned: 5.0);
        $this->assertEqualsWithDelta(10.0, $steady->perDay, 1e-9);
        $this->assertSame(['2027-04-07', '2027-04-09'], [$steady->runOut->early->toIso(), $steady->runOut->late->toIso()], 'weeks that are alike leave little doubt');
    }

    public function test_books_that_cannot_be_are_doubted(): void
    {
        $this->assertSame('food.miscounted', $this->stock([['2027-03-01', StockEntryKind::Bought, 30.0]], ['2027-03-02' => 50.0])->doubt(LocalDate::fromIso(self::TODAY))->code);
        $this->assertSame(0.0, $this->stock([['2027-03-01', StockEntryKind::Bought, 30.0]], ['2027-03-02' => 50.0])->left, 'never less than nothing');
        $this->assertSame('food.never_bought', $this->stock([], ['2027-03-02' => 50.0])->doubt(LocalDate::fromIso(self::TODAY))->code);
        $this->assertNull(Stock::of(Store::worms(), [], new FoodUse(isFed: true), 1.0, LocalDate::fromIso(self::TODAY), isBred: true)->doubt(LocalDate::fromIso(self::TODAY)), 'what is bred is not bought');
        $opened = fn (string $on): ?string => $this->stock([[$on, StockEntryKind::Opened, null]], [])->doubt(LocalDate::fromIso(self::TODAY))?->code;
        $this->assertSame(['food.opened_long', null], [$opened('2027-01-27'), $opened('2027-01-28')], 'sixty days');
    }

    public function test_nothing_is_bought_by_less_than_nothing(): void
    {
        foreach ([[StockEntryKind::Bought, -1.0], [StockEntryKind::Bought, 0.0], [StockEntryKind::Counted, -1.0], [StockEntryKind::Discarded, null]] as [$kind, $amount]) {
            try {
                new StockEntry(LocalDate::fromIso(self::TODAY), $kind, $amount);
                $this->fail('It was taken.');
            } catch (InvalidEntry $refusal) {
                $this->assertSame('amount', $refusal->field);
            }
        }
        $this->assertSame(0.0, (new StockEntry(LocalDate::fromIso(self::TODAY), StockEntryKind::Counted, 0.0))->amount, 'there may be none left');
    }

    public function test_the_list_says_what_to_buy_by_when(): void
    {
        $today = LocalDate::fromIso(self::TODAY);
        $soon = $this->stock([['2027-03-28', StockEntryKind::Counted, 500.0]], [], planned: 20.0);
        $later = Stock::of(Store::worms(), [$this->entry('2027-03-28', StockEntryKind::Counted, 1000.0)], new FoodUse, 20.0, $today);
        $unknown = Stock::of(Store::liveFish(), [], new FoodUse, 3.0, $today);
        $far = $this->stock([['2027-03-28', StockEntryKind::Counted, 9000.0]], [], planned: 20.0);
        $list = ShoppingList::of([$later, $soon, $far, $this->stock([], []), $unknown], $today);

        $this->assertSame(['Young', 'Pellets', 'Worms'], array_map(fn ($purchase): string => $purchase->food->name, $list), 'what is not fed or lasts is not on it');
        // Early in 20 days, less 5 for the way; 60 days at 20 g are 1.2 kg: two packs.
        $this->assertEquals(['2027-04-13', 2, 2000.0, 20.0], [$list[1]->by->toIso(), $list[1]->packs, $list[1]->amount, $list[1]->price]);
        $this->assertSame('food.buy', $list[1]->finding($today)->code);
        $this->assertSame('food.buy_now', $list[0]->finding($today)->code);
        $this->assertEquals([true, false], [$list[0]->isDueOn($today), $list[1]->isDueOn($today)]);
    }

    /**
     * @param  list<array{string, StockEntryKind, float|null}>  $entries
     * @param  array<string, float>  $uses
     */
    private function stock(array $entries, array $uses, float $planned = 0.0, ?Food $food = null): Stock
    {
        $today = LocalDate::fromIso(self::TODAY);
        $all = array_map(fn (array $entry): StockEntry => $this->entry(...$entry), $entries);
        $between = fn (LocalDate $first, LocalDate $last): array => array_filter($uses, fn (string $day): bool => $day >= $first->toIso() && $day <= $last->toIso(), ARRAY_FILTER_USE_KEY);
        $use = new FoodUse(array_sum($between(Stock::knownSince($all, $today)->plusDays(1), $today)), $between(...FoodUse::daysOfUse($today)), $uses !== []);

        return Stock::of($food ?? Store::pellets(), $all, $use, $planned, $today);
    }

    private function entry(string $date, StockEntryKind $kind, ?float $amount): StockEntry
    {
        return new StockEntry(LocalDate::fromIso($date), $kind, $amount);
    }
}
