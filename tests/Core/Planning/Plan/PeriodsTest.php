<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\Plan\Periods;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PeriodsTest extends TestCase
{
    #[TestWith([1])]
    #[TestWith([7])]
    #[TestWith([100])]
    #[TestWith([730])]
    #[TestWith([1095])]
    public function test_they_cover_every_day_once(int $days): void
    {
        foreach ([false, true] as $isForMany) {
            $periods = Periods::of(LocalDate::fromIso('2027-03-01'), $days, $isForMany);
            $sum = 0;
            for ($t = 0; $t < $periods->count(); $t++) {
                $this->assertGreaterThan(0, $periods->days($t));
                $this->assertSame($sum, $periods->today->daysUntil($periods->start($t)));
                $sum += $periods->days($t);
            }
            $this->assertSame($days, $sum);
            $this->assertSame($days, $periods->today->daysUntil($periods->horizon()));
        }
    }

    public function test_near_by_weeks_far_by_months_and_fewer_for_many(): void
    {
        $periods = Periods::of(LocalDate::fromIso('2027-03-01'), 730);
        $this->assertSame([7, 28], [$periods->days(0), $periods->days(20)]);
        $this->assertLessThan($periods->count(), Periods::of(LocalDate::fromIso('2027-03-01'), 730, true)->count());
    }

    public function test_days_from_a_day_on(): void
    {
        $periods = Periods::of(LocalDate::fromIso('2027-03-01'), 730);
        $this->assertSame(0, $periods->daysFrom(0, null));
        $this->assertSame(7, $periods->daysFrom(0, LocalDate::fromIso('2027-02-01')));
        $this->assertSame(2, $periods->daysFrom(0, LocalDate::fromIso('2027-03-06')));
        $this->assertSame(0, $periods->daysFrom(0, LocalDate::fromIso('2027-03-08')));
        $this->assertSame(1, $periods->firstFrom(LocalDate::fromIso('2027-03-02')));
        $this->assertSame($periods->count(), $periods->firstFrom(LocalDate::fromIso('2039-03-02')));
        $this->assertSame([3], $periods->months(0));
        $this->assertSame([3, 4], $periods->months(4));
    }
}
