<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LocalDateTest extends TestCase
{
    public function test_counts_days_across_leap_years(): void
    {
        $this->assertSame(366, LocalDate::fromIso('2024-01-01')->daysUntil(LocalDate::fromIso('2025-01-01')));
        $this->assertSame('2024-02-29', LocalDate::fromIso('2024-02-28')->plusDays(1)->toIso());
        $this->assertSame('2023-12-31', LocalDate::fromIso('2024-01-01')->plusDays(-1)->toIso());
        $this->assertSame(60, LocalDate::fromIso('2024-02-29')->dayOfYear());
    }

    public function test_orders_days(): void
    {
        [$early, $late] = [LocalDate::fromIso('1969-12-31'), LocalDate::fromIso('1970-01-01')];

        $this->assertTrue($early->isBefore($late));
        $this->assertTrue($late->isAfter($early));
        $this->assertSame($late, LocalDate::later($early, $late));
        $this->assertTrue($late->equals(LocalDate::fromIso('1970-01-01')));
    }

    #[TestWith(['2027-02-29'])]
    #[TestWith(['2027-13-01'])]
    #[TestWith(['27-01-01'])]
    #[TestWith(['01/02/2027'])]
    #[TestWith(['0001-01-01'])]
    #[TestWith([''])]
    public function test_refuses_what_is_no_day(string $text): void
    {
        $this->expectException(UnreadableDate::class);

        LocalDate::fromIso($text);
    }
}
