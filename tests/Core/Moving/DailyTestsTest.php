<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Test\WaterTest;
use PHPUnit\Framework\TestCase;

final class DailyTestsTest extends TestCase
{
    public function test_they_begin_the_day_after_and_last_ten_days(): void
    {
        $tests = DailyTests::after(self::march(1), Outcome::TestDaily);

        $this->assertNotNull($tests);
        $this->assertSame(['2027-03-02', '2027-03-11'], [$tests->from->toIso(), $tests->until->toIso()]);
        $this->assertEquals($tests, DailyTests::until(self::march(11)));
        $this->assertNotNull(DailyTests::after(self::march(1), Outcome::FilterTooSmall));
        $this->assertNull(DailyTests::after(self::march(1), Outcome::Safe));
    }

    public function test_one_is_due_each_day_until_it_is_written_down(): void
    {
        $tests = DailyTests::until(self::march(11));

        $this->assertFalse($tests->isDueOn(self::march(1), []));
        $this->assertTrue($tests->isDueOn(self::march(2), []));
        $this->assertTrue($tests->isDueOn(self::march(11), []));
        $this->assertFalse($tests->isDueOn(self::march(12), []));
        $this->assertTrue($tests->isDueOn(self::march(5), [self::found(5, ['nitrate_mg_l' => 20.0]), self::found(4, ['ammonia_mg_l' => 0.1])]));
        $this->assertFalse($tests->isDueOn(self::march(5), [self::found(5, ['ammonia_mg_l' => 0.0])]));
        $this->assertFalse($tests->isDueOn(self::march(5), [self::found(5, ['nitrite_mg_l' => 0.2])]));
    }

    public function test_it_is_late_when_the_day_before_was_left_out_too(): void
    {
        $tests = DailyTests::until(self::march(11));

        $this->assertFalse($tests->isLateOn(self::march(2), []));
        $this->assertTrue($tests->isLateOn(self::march(3), []));
        $this->assertFalse($tests->isLateOn(self::march(3), [self::found(2, ['nitrite_mg_l' => 0.2])]));
        $this->assertFalse($tests->isLateOn(self::march(3), [self::found(3, ['nitrite_mg_l' => 0.2])]));
    }

    public function test_an_addition_is_large_from_fifteen_in_a_hundred_of_the_food(): void
    {
        $this->assertTrue(DailyTests::isLarge(10.0, 1.6));
        $this->assertFalse(DailyTests::isLarge(10.0, 1.4));
        $this->assertTrue(DailyTests::isLarge(0.0, 0.1));
        $this->assertFalse(DailyTests::isLarge(0.0, 0.0));
    }

    private static function march(int $day): LocalDate
    {
        return LocalDate::fromIso(sprintf('2027-03-%02d', $day));
    }

    /** @param  non-empty-array<string, float>  $values */
    private static function found(int $day, array $values): WaterTest
    {
        return WaterTest::ofRecord(self::march($day), $values);
    }
}
