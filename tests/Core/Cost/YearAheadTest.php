<?php

declare(strict_types=1);

namespace Tests\Core\Cost;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\SystemUpkeep;
use Biomegas\Cost\YearAhead;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Load\FedOccupant;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class YearAheadTest extends TestCase
{
    private const TODAY = '2027-03-01';

    public function test_a_year_without_change_is_so_many_days(): void
    {
        [$tank, $today] = [Example::tank('tank', 100, 50, celsius: 25.0), LocalDate::fromIso(self::TODAY)];
        $fed = [new FedOccupant(Example::of(), 300.0, 2, Ration::Steady)];
        $year = YearAhead::of($tank, fn (): array => $fed, $today, new Rulebook);
        $this->assertEqualsWithDelta(365.25 * SystemUpkeep::perDay($tank, $fed, $today, new Rulebook)->whole(), $year->whole(), 1e-6);
    }

    /** Nothing for the first half and a fish for the second: half a year of it. */
    public function test_each_month_is_asked_for_itself(): void
    {
        [$tank, $today] = [Example::tank('tank', 100, 50), LocalDate::fromIso(self::TODAY)];
        $fed = [new FedOccupant(Example::of(), 300.0, 2, Ration::Steady)];
        $days = [];
        $year = YearAhead::of($tank, function (LocalDate $day) use ($fed, $today, &$days): array {
            $days[] = $today->daysUntil($day);

            return $today->daysUntil($day) < 183 ? [] : $fed;
        }, $today, new Rulebook);
        $this->assertEqualsWithDelta(365.25 / 2 * SystemUpkeep::perDay($tank, $fed, $today, new Rulebook)->food, $year->food, 1e-6);
        $this->assertSame([15, 350], [$days[0], $days[11]], 'the middle of the first and of the last month');
    }

    public function test_a_few_days_say_nothing_of_a_year(): void
    {
        $this->assertNull(YearAhead::ofDays(13.0, 13));
        $this->assertEqualsWithDelta(365.25, YearAhead::ofDays(20.0, 20), 1e-9);
        $this->assertSame('2027-08-30', YearAhead::halfway(LocalDate::fromIso(self::TODAY))->toIso());
    }
}
