<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Losses\LifeEvent;
use Biomegas\Losses\Lifetime;
use Biomegas\Losses\Lives;
use Biomegas\Losses\LossKind;
use PHPUnit\Framework\TestCase;

final class LivesTest extends TestCase
{
    public function test_each_member_of_a_shoal_counts_for_itself(): void
    {
        $this->assertSame([[10, true, 2], [30, false, 1], [100, false, 9]], self::of([
            LifeEvent::loss('a', self::day(30), 1, LossKind::Rehomed), LifeEvent::loss('a', self::day(10), 2, LossKind::Jumped),
        ]));
    }

    public function test_who_is_not_found_at_a_full_count_is_gone(): void
    {
        $this->assertSame([[20, true, 1], [20, true, 3], [100, false, 8]], self::of([
            LifeEvent::allCaught('a', self::day(20), 8), LifeEvent::loss('a', self::day(20), 1, LossKind::Death),
        ]), 'on one day the loss comes before the count');
        $this->assertSame([[100, false, 12]], self::of([LifeEvent::allCaught('a', self::day(20), 12)]));
    }

    public function test_those_that_pass_on_are_neither_dead_nor_doubled(): void
    {
        $lives = Lives::of(['a' => [self::day(0), 12], 'part' => [self::day(0), 4]], [
            LifeEvent::passedOn('a', self::day(40), 4, null), LifeEvent::loss('part', self::day(50), 1, LossKind::Death), LifeEvent::passedOn('part', self::day(60), 3, 'a'),
        ], self::day(100));
        $this->assertSame([[[100, false, 11]], [[50, true, 1]]], [self::rows($lives['a']), self::rows($lives['part'])]);
    }

    public function test_more_than_were_left_cannot_be_lost(): void
    {
        $this->assertSame([[10, true, 12]], self::of([LifeEvent::loss('a', self::day(10), 20, LossKind::Death), LifeEvent::loss('a', self::day(11), 1, LossKind::Death), LifeEvent::loss('unknown', self::day(11), 1, LossKind::Death)]));
    }

    /**
     * @param  list<LifeEvent>  $events
     * @return list<array{int, bool, int}>
     */
    private static function of(array $events): array
    {
        return self::rows(Lives::of(['a' => [self::day(0), 12]], $events, self::day(100))['a']);
    }

    /**
     * @param  list<Lifetime>  $lives
     * @return list<array{int, bool, int}>
     */
    private static function rows(array $lives): array
    {
        return array_map(fn (Lifetime $life): array => [$life->days, $life->hasDied, $life->count], $lives);
    }

    private static function day(int $day): LocalDate
    {
        return LocalDate::fromIso('2026-03-01')->plusDays($day);
    }
}
