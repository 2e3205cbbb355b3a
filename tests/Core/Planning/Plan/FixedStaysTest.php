<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\FixedStays;
use Biomegas\Planning\Plan\PlannedStay;
use Biomegas\Planning\Plan\WeekByWeek;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Rehomed;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FixedStaysTest extends TestCase
{
    public function test_what_holds_a_shoal_for_a_time_holds_its_part(): void
    {
        $stay = fn (string $fish, ?string $until): PlannedStay => new PlannedStay($fish, 'home', LocalDate::fromIso('2027-03-01'), $until === null ? null : LocalDate::fromIso($until));
        $stays = [$stay('one', '2027-03-15'), $stay('one', null), $stay('two', '2027-03-15')];
        $this->assertEquals([...$stays, $stay('one/part', '2027-03-15')], FixedStays::ofParts($stays, [new Rehomed('two'), new Parted('one', 4)]));
        $this->assertSame($stays, FixedStays::ofParts($stays, []));
    }

    public function test_moves_that_are_written_down_are_kept_and_the_last_home_for_two_weeks(): void
    {
        $today = LocalDate::fromIso('2027-03-01');
        $moves = [new DecidedMove('one', 'small', 'large', $today->plusDays(10)), new DecidedMove('one', 'large', 'other', $today->plusDays(40))];
        $this->assertSame(
            [['small', '2027-03-01', '2027-03-11'], ['large', '2027-03-11', '2027-04-10'], ['other', '2027-04-10', '2027-04-24']],
            array_map($this->span(...), FixedStays::byMoves($this->fish('2026-01-10'), $moves, $today)),
        );
        $this->assertSame([], FixedStays::byMoves($this->fish('2026-01-10'), [], $today));
        $late = FixedStays::byMoves($this->fish('2026-01-10'), [new DecidedMove('one', 'small', 'large', $today)], $today);
        $this->assertSame([['large', '2027-03-01', '2027-03-15']], array_map($this->span(...), $late), 'one that is made today');
    }

    public function test_whoever_came_lately_or_is_held_stays_until_the_last_of_it_is_over(): void
    {
        $today = LocalDate::fromIso('2027-03-01');
        $this->assertNull(FixedStays::held($this->fish('2026-01-10'), [null, null], $today));
        $this->assertSame('2027-03-11', FixedStays::held($this->fish('2027-02-25'), [null], $today)?->until?->toIso());
        $this->assertSame('2027-04-02', FixedStays::held($this->fish('2027-02-25'), [$today->plusDays(3), $today->plusDays(32)], $today)?->until?->toIso());
    }

    public function test_going_by_the_week_keeps_them_too(): void
    {
        $facility = Example::facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80), Example::tank('other', 420, 170, 80)], [Example::fish(Example::of(), 'small', ['2026-12-01' => 200.0, '2027-02-20' => 260.0])]);
        $lodgers = (new Plans($facility))->lodgers;
        $this->assertSame('large', WeekByWeek::decide($facility, $lodgers, 730)->moves[0]->to);
        $stays = [new PlannedStay('one', 'small', $facility->date, null)];
        $this->assertSame([], WeekByWeek::decide($facility, $lodgers, 730, $stays)->moves);
        $goes = [new PlannedStay('one', 'other', $facility->date->plusDays(7), null)];
        $this->assertSame([['other', '2027-03-08']], array_map(fn (DecidedMove $move): array => [$move->to, $move->on->toIso()], WeekByWeek::decide($facility, $lodgers, 730, $goes)->moves));
    }

    /** @return array{string, string, string|null} */
    private function span(PlannedStay $stay): array
    {
        return [$stay->system, $stay->from->toIso(), $stay->until?->toIso()];
    }

    private function fish(string $arrived): Fish
    {
        return Example::fish(Example::of(), 'small', ['2027-02-26' => 150.0], $arrived);
    }
}
