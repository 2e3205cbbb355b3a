<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FedSpan;
use Biomegas\Food\FedWeek;
use Biomegas\Food\FeedingRecord;
use Biomegas\Food\Meal;
use PHPUnit\Framework\TestCase;

final class FeedingRecordTest extends TestCase
{
    /** A Monday; so is every week before. */
    private const TODAY = '2027-03-01';

    public function test_a_week_is_summed_up_from_its_meals(): void
    {
        $monday = LocalDate::fromIso('2027-02-22');
        $week = FedWeek::of($monday, [new Meal($monday, 6.0, 1.0, 0.4, 0.06), new Meal($monday, 4.0, 0.5, 0.5, 0.08)], ['2027-02-22' => 10.0, '2027-02-23' => 10.0]);
        $this->assertEquals([2, 20.0, 10.0, 8.0, 4.4], [$week->days, $week->ration, $week->given, $week->eaten, round($week->protein, 9)]);
        $this->assertEqualsWithDelta(0.14, $week->cost, 1e-12);
        $this->assertNull(FedWeek::of($monday, [new Meal($monday, 6.0, 1.0, 0.4)], ['2027-02-22' => 10.0])->cost, 'of an unknown price');
        $both = $week->and($week);
        $this->assertEquals([2, 40.0, 20.0], [$both->days, $both->ration, $both->given], 'two tables of one home on the same days');
    }

    public function test_what_was_fed_lately_is_the_habit(): void
    {
        $habit = $this->record([1 => 1.5, 2 => 1.7, 3 => 1.6, 4 => 1.6])->habit(LocalDate::fromIso(self::TODAY));
        $this->assertEqualsWithDelta(1.6, $habit->ofRation, 1e-9);
        $this->assertEqualsWithDelta(0.4, $habit->protein, 1e-9);
        $this->assertEqualsWithDelta(12.0, $habit->pricePerKg, 1e-9);
    }

    public function test_a_week_that_is_not_over_or_hardly_written_down_does_not_count(): void
    {
        $today = LocalDate::fromIso(self::TODAY);
        $of = fn (FedWeek $week, string $on = self::TODAY): int => count(FeedingRecord::of([$week], LocalDate::fromIso($on))->weeks);
        $this->assertSame(1, $of($this->week(1, 1.0)));
        $this->assertSame(0, $of($this->week(1, 1.0), '2027-02-28'), 'on its Sunday');
        $this->assertSame(0, $of($this->week(1, 1.0, days: 4)));
        $this->assertNull($this->record([9 => 1.0])->habit($today), 'long ago');
    }

    public function test_growth_is_told_what_was_eaten_where_that_is_not_as_by_the_book(): void
    {
        $spans = $this->record([5 => 1.02, 4 => 0.52, 3 => 0.48, 2 => 1.21, 1 => 0.98])->eaten();
        $this->assertEquals([
            new FedSpan(LocalDate::fromIso('2027-02-01'), LocalDate::fromIso('2027-02-15'), 0.5),
            new FedSpan(LocalDate::fromIso('2027-02-15'), LocalDate::fromIso('2027-02-22'), 1.2),
        ], $spans);
    }

    public function test_too_much_or_too_little_for_weeks_is_said(): void
    {
        $said = fn (array $weeks): ?string => $this->record($weeks)->finding(LocalDate::fromIso(self::TODAY))?->code;
        $this->assertSame('food.too_much', $said([1 => 1.8, 2 => 1.8, 3 => 1.8]));
        $this->assertEqualsWithDelta(1.8, $this->record([1 => 1.8, 2 => 1.8, 3 => 1.8])->finding(LocalDate::fromIso(self::TODAY))->figures['times']->factor, 1e-9);
        $this->assertSame('food.too_little', $said([1 => 0.4, 2 => 0.5, 3 => 0.6]));
        $this->assertNull($said([1 => 1.8, 2 => 1.8]), 'two weeks may be an accident');
        $this->assertNull($said([1 => 1.8, 2 => 1.0, 3 => 1.8]));
    }

    public function test_days_of_fasting_are_written_down_by_the_plan(): void
    {
        $monday = LocalDate::fromIso('2027-02-22');
        $rations = array_fill_keys(array_map(fn (int $day): string => $monday->plusDays($day)->toIso(), range(0, 4)), 10.0);
        $week = FedWeek::of($monday, [new Meal($monday, 50.0, 1.0, 0.4)], $rations, [6, 7, 1]);
        $this->assertEquals([7, 70.0], [$week->days, $week->ration], 'what was written down stays');
        $this->assertSame(0, FedWeek::of($monday, [], [], [6, 7])->days, 'a plan alone writes nothing down');
    }

    public function test_who_was_only_seen_to_leave_its_food_ate_at_the_table_of_the_others(): void
    {
        $today = LocalDate::fromIso(self::TODAY);
        $habit = fn (FedWeek ...$apart): float => FeedingRecord::together([$this->week(1, 1.0)], array_values($apart), $today)->habit($today)->ofRation;
        $this->assertEqualsWithDelta(1.0, $habit(), 1e-9);
        $this->assertEqualsWithDelta(1.0, $habit($this->week(1, 0.0)), 1e-9, 'nothing more was given, nothing more was due');
        $this->assertEqualsWithDelta(1.25, $habit($this->week(1, 1.5)), 1e-9, 'fed by itself: both tables');
    }

    /** @param  array<int, float>  $given  of the ration, by how many weeks ago */
    private function record(array $given): FeedingRecord
    {
        return FeedingRecord::of(array_map($this->week(...), array_keys($given), $given), LocalDate::fromIso(self::TODAY));
    }

    private function week(int $ago, float $given, int $days = 7): FedWeek
    {
        return new FedWeek(LocalDate::fromIso(self::TODAY)->plusDays(-7 * $ago), $days, 100.0, 100 * $given, 100 * $given, 40 * $given, 1.2 * $given);
    }
}
