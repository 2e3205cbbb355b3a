<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Purpose;
use Biomegas\Losses\CountCurve;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCountEvent;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class CountCurveTest extends TestCase
{
    public function test_what_was_believed_changes_with_losses_and_full_counts_alone(): void
    {
        $curve = self::of([self::lost(20, 2), self::counted(40, CountKind::AllCaught, 9), self::counted(60, CountKind::AtLeast, 5), HeadCountEvent::joined(self::day(80), 3)]);
        $this->assertSame([[0, 12], [20, 10], [40, 9], [80, 12]], array_map(fn (array $step): array => [self::day(0)->daysUntil($step[0]), $step[1]], $curve->expected));
        $this->assertSame([10, 9], array_column($curve->counted, 'expected'));
    }

    /** Common practice, no published source: a count that does not find all has not lost them. */
    public function test_three_low_counts_running_make_a_loss_and_fewer_do_not(): void
    {
        $low = fn (int $day, int $seen): HeadCountEvent => self::counted($day, CountKind::AtLeast, $seen);
        $this->assertNull(self::of([$low(10, 9)])->proposed);
        $this->assertSame('9 were seen where 12 are expected. One low count says little: 2 more running make a loss.', Said::of(self::of([$low(10, 9)])->findings()));
        $this->assertSame('8 were seen where 12 are expected. 2 low counts say little: one more running makes a loss.', Said::of(self::of([$low(10, 9), $low(20, 8)])->findings()));
        $three = self::of([$low(5, 12), $low(10, 9), $low(20, 8), $low(30, 7)]);
        $this->assertSame([3, 5, 10], [$three->proposed?->missing, self::day(0)->daysUntil($three->proposed->lastSeen ?? self::day(0)), self::day(0)->daysUntil($three->proposed->since ?? self::day(0))], '9 were seen at one time: at least these are there');
        $this->assertSame('3 low counts running: 3 are missing.', Said::of($three->findings()));
        $this->assertNull(self::of([$low(10, 9), $low(20, 12), $low(30, 8), $low(40, 8)])->proposed, 'all were seen in between');
        $this->assertNull(self::of([$low(10, 9), $low(20, 8), self::counted(25, CountKind::AllCaught, 10), $low(30, 8)])->proposed, 'a full count settles it');
        $this->assertNull(self::of([self::counted(10, CountKind::Estimate, 11), self::counted(20, CountKind::Estimate, 10), self::counted(30, CountKind::Estimate, 10)])->proposed, 'estimates are rough');
    }

    public function test_an_estimate_is_low_when_it_is_so_even_at_its_roughest(): void
    {
        $of = fn (int $seen, ?int $giveOrTake): bool => self::of([HeadCountEvent::count(self::day(10), CountKind::Estimate, $seen, $giveOrTake)])->counted[0]->isLow();
        $this->assertSame([true, false, true, false], [$of(9, null), $of(10, null), $of(9, 2), $of(9, 3)]);
    }

    public function test_a_slow_decline_that_nobody_saw_is_called_out(): void
    {
        $curve = self::of([self::counted(100, CountKind::AllCaught, 12), self::counted(140, CountKind::AllCaught, 9), HeadCountEvent::loss(self::day(170), 2, null, false), self::counted(200, CountKind::AllCaught, 6)]);
        $this->assertSame([6, 100, 17], [$curve->decline?->missing, self::day(0)->daysUntil($curve->decline->since ?? self::day(0)), $curve->decline?->everyDays]);
        $this->assertSame('6 fewer since June 2026, one every 17 days, and nobody saw why.', Said::of($curve->findings()));
        $this->assertNull(self::of([self::counted(140, CountKind::AllCaught, 6)])->decline, 'all in one go');
        $this->assertNull(self::of([self::lost(140, 3), self::lost(160, 3)])->decline, 'it is known why');
        $this->assertNull(self::of([self::counted(140, CountKind::AllCaught, 11), self::counted(160, CountKind::AllCaught, 10)])->decline, 'two are too few');
    }

    public function test_food_starters_and_cleaners_fall_on_purpose(): void
    {
        $events = [self::counted(139, CountKind::AllCaught, 9), self::counted(200, CountKind::AllCaught, 2)];
        $this->assertSame('7 fewer in the last 90 days, eaten as food, as intended.', Said::of(self::of($events, Purpose::Food)->findings()));
        $this->assertSame([], self::of([], Purpose::Starter)->findings());
        $this->assertNull(self::of([self::counted(10, CountKind::AtLeast, 5), self::counted(11, CountKind::AtLeast, 5), self::counted(12, CountKind::AtLeast, 5)], Purpose::Food)->proposed);
        $this->assertTrue(CountCurve::isTooMany(13, 12, Purpose::Display));
        $this->assertFalse(CountCurve::isTooMany(13, 12, Purpose::Food), 'they breed');
        $this->assertFalse(CountCurve::isTooMany(12, 12, Purpose::Display));
    }

    /** @param  list<HeadCountEvent>  $events */
    private static function of(array $events, Purpose $purpose = Purpose::Display): CountCurve
    {
        return CountCurve::of(self::day(0), 12, $purpose, $events, self::day(230));
    }

    private static function lost(int $day, int $count): HeadCountEvent
    {
        return HeadCountEvent::loss(self::day($day), $count);
    }

    private static function counted(int $day, CountKind $kind, int $seen): HeadCountEvent
    {
        return HeadCountEvent::count(self::day($day), $kind, $seen);
    }

    private static function day(int $day): LocalDate
    {
        return LocalDate::fromIso('2026-03-01')->plusDays($day);
    }
}
