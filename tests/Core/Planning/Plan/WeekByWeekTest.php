<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\PlannedStay;
use Biomegas\Planning\Plan\Question;
use Biomegas\Planning\Plan\WeekByWeek;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class WeekByWeekTest extends TestCase
{
    private const GROWING = ['2026-12-01' => 160.0, '2027-02-20' => 200.0];

    public function test_it_goes_to_the_smallest_home_that_takes_it_in_the_week_before_it_must(): void
    {
        $plans = self::plans([Example::tank('larger', 500, 200, 80), self::small(), Example::tank('large', 400, 160, 80)]);
        [$move] = $moves = self::moves($plans);
        $this->assertCount(1, $moves);
        $this->assertSame(['one', 'small', 'large'], [$move->fish, $move->from, $move->to]);

        $outgrown = $plans->lodgers['one']->outgrows($plans->facility->systems['small']);
        $this->assertNotNull($outgrown);
        $this->assertTrue($move->on->isBefore($outgrown));
        $this->assertLessThanOrEqual(LocalDate::DAYS_PER_WEEK, $move->on->daysUntil($outgrown));
    }

    public function test_while_it_fits_it_stays_and_where_nothing_takes_it_too(): void
    {
        $this->assertSame([], self::moves(self::plans([Example::tank('small', 400, 160, 80), Example::tank('large', 500, 200, 80)])));
        $this->assertSame([], self::moves(self::plans([self::small(), Example::tank('other', 120, 50)])));
    }

    public function test_nobody_goes_to_a_quarantine_tank_or_to_one_that_does_not_stand_yet(): void
    {
        $large = Example::tank('large', 400, 160, 80);
        $this->assertSame([], self::moves(self::plans([self::small(), $large->fittedWith(Fitting::BareQuarantine)])));

        $ready = LocalDate::fromIso('2028-06-05');
        $later = new System('later', 'Later', SystemKind::Tank, $large->pools, availableFrom: $ready);
        $moves = self::moves(self::plans([self::small(), $later]));
        $this->assertCount(1, $moves);
        $this->assertFalse($moves[0]->on->isBefore($ready));
        $this->assertLessThan(LocalDate::DAYS_PER_WEEK, $ready->daysUntil($moves[0]->on));
    }

    public function test_one_goes_and_the_others_have_room_until_the_next_must(): void
    {
        $fish = array_map(fn (int $n): Fish => Example::fish(Example::of(), 'small', self::GROWING, key: "fish-{$n}"), range(1, 3));
        // Its floor does for two of them.
        $moves = self::moves(self::plans([Example::tank('large', 600, 300, 80), self::small(), Example::tank('middle', 160, 60)], $fish));
        $this->assertSame(['middle', 'middle', 'large'], array_map(fn (DecidedMove $move): string => $move->to, $moves));
        $this->assertGreaterThan(4 * LocalDate::DAYS_PER_WEEK, $moves[0]->on->daysUntil($moves[1]->on));
        $this->assertGreaterThan(4 * LocalDate::DAYS_PER_WEEK, $moves[1]->on->daysUntil($moves[2]->on));
    }

    public function test_who_must_be_somewhere_on_a_day_is_brought_there_and_stays(): void
    {
        $plans = self::plans([self::small(), Example::tank('large', 400, 160, 80), Example::tank('other', 400, 160, 80)]);
        $from = LocalDate::fromIso('2027-04-05');
        $moves = self::moves($plans, [new PlannedStay('one', 'other', $from, null)]);
        $this->assertSame('other', $moves[count($moves) - 1]->to);
        $this->assertLessThan(LocalDate::DAYS_PER_WEEK, $from->daysUntil($moves[count($moves) - 1]->on));
        $this->assertSame([], array_filter($moves, fn (DecidedMove $move): bool => $move->from === 'other'));
    }

    private static function small(): System
    {
        return Example::tank('small', 120, 50);
    }

    /**
     * @param  list<System>  $systems
     * @param  list<Fish>|null  $fish  null: one that grows
     */
    private static function plans(array $systems, ?array $fish = null): Plans
    {
        return new Plans(Example::facility($systems, $fish ?? [Example::fish(Example::of(), 'small', self::GROWING)]));
    }

    /**
     * @param  list<PlannedStay>  $fixed
     * @return list<DecidedMove>
     */
    private static function moves(Plans $plans, array $fixed = []): array
    {
        return WeekByWeek::decide($plans->facility, $plans->lodgers, Question::USUAL_DAYS, $fixed)->moves;
    }
}
