<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\Fish;
use Biomegas\Facility\RationChange;
use Biomegas\Facility\Stay;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\Clock\DailyGrowth;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Rulebook\Ration;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class GrowthClockTest extends TestCase
{
    public function test_a_year_at_the_reference_is_a_year_of_growth(): void
    {
        $clock = $this->ahead(Example::tank('tank', 100, 50, celsius: 22));

        $this->assertEqualsWithDelta(1.0, $clock->timeOn(LocalDate::fromIso('2028-02-29')), 0.001);
    }

    public function test_stands_still_in_winter_and_gives_the_first_day_of_a_growth_time(): void
    {
        $clock = $this->ahead(Example::pond('pond'));
        $november = $clock->timeOn(LocalDate::fromIso('2027-12-15'));
        $march = $clock->timeOn(LocalDate::fromIso('2028-03-01'));

        $this->assertSame($november, $march);
        $this->assertTrue($clock->firstDayWith($november)?->isBefore(LocalDate::fromIso('2027-12-15')));
        $this->assertSame('05', substr((string) $clock->firstDayWith($november + 0.02)?->toIso(), 5, 2), 'growth goes on in May');
    }

    public function test_gives_no_day_beyond_its_end(): void
    {
        $clock = GrowthClock::startingOn(LocalDate::fromIso('2027-01-01'))->runOn(DailyGrowth::steady(1.0), LocalDate::fromIso('2027-01-11'));

        $this->assertNull($clock->firstDayWith(1.0));
        $this->assertSame('2027-01-01', $clock->firstDayWith(-1.0)?->toIso());
        $this->assertSame('2027-01-11', $clock->end()->toIso());
    }

    public function test_follows_a_fish_through_its_stays(): void
    {
        $warm = Example::tank('warm', 100, 50, celsius: 22);
        $cold = Example::tank('cold', 100, 50, celsius: 6);
        $day = LocalDate::fromIso(...);
        $fish = new Fish('one', 'One', Example::ofPond(), $day('2026-01-01'), [new Stay('cold', $day('2026-01-01'), $day('2026-07-01')), new Stay('warm', $day('2026-07-01'))]);
        $clock = (new FacilityClocks(Example::facility([$warm, $cold], [$fish], '2027-01-01')))->past($fish, $fish->species);

        $this->assertSame(0.0, $clock->timeOn($day('2026-07-01')));
        $this->assertEqualsWithDelta(184 / 365.25, $clock->endTime(), 1e-9);
    }

    public function test_follows_a_fish_through_its_rations_whatever_the_stays(): void
    {
        $day = LocalDate::fromIso(...);
        $homes = [Example::tank('a', 100, 50, celsius: 22), Example::tank('b', 100, 50, celsius: 22)];
        $fish = new Fish(
            'one', 'One', Example::ofPond(), $day('2026-01-01'), [new Stay('a', $day('2026-01-01'), $day('2026-05-01')), new Stay('b', $day('2026-05-01'))],
            ration: Ration::Sparse,
            rationChanges: [new RationChange($day('2026-06-01'), Ration::Steady), new RationChange($day('2026-03-01'), Ration::Several)],
        );
        $clock = (new FacilityClocks(Example::facility($homes, [$fish], '2027-01-01')))->past($fish, $fish->species);
        $grown = fn (string $from, string $until): float => $clock->timeOn($day($until)) - $clock->timeOn($day($from));
        $year = LocalDate::DAYS_PER_YEAR;

        $this->assertEqualsWithDelta(59 / $year * Ration::Sparse->growthFactor(), $grown('2026-01-01', '2026-03-01'), 1e-9);
        $this->assertEqualsWithDelta(92 / $year * Ration::Several->growthFactor(), $grown('2026-03-01', '2026-06-01'), 1e-9);
        $this->assertEqualsWithDelta(214 / $year * Ration::Steady->growthFactor(), $grown('2026-06-01', '2027-01-01'), 1e-9);
    }

    public function test_more_food_is_more_growth_time(): void
    {
        $this->assertLessThan(Ration::Steady->growthFactor(), Ration::Sparse->growthFactor());
        $this->assertGreaterThan(Ration::Steady->growthFactor(), Ration::Several->growthFactor());
    }

    public function test_monthly_means_are_met_at_mid_month_and_joined_linearly(): void
    {
        $water = WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5]);

        $this->assertEqualsWithDelta(4.0, $water->onDayOfYear(16), 0.1);
        $this->assertEqualsWithDelta(21.0, $water->onDayOfYear(213), 0.1);
        $this->assertEqualsWithDelta(4.5, $water->onDayOfYear(31), 0.1);
        $this->assertEqualsWithDelta($water->onDayOfYear(1), $water->onDayOfYear(366), 0.1);
    }

    /** The defining points of the cardinal temperature model: none at both ends, all at the best. */
    public function test_growth_response_has_its_defining_points(): void
    {
        $points = CardinalTemperatures::of('gourami', 18, 28, 33, 26);

        $this->assertSame(0.0, $points->responseAt(18));
        $this->assertSame(0.0, $points->responseAt(33));
        $this->assertEqualsWithDelta(1.0, $points->responseAt(28), 1e-12);
        $this->assertEqualsWithDelta(0.0, ($points->responseAt(28.001) - $points->responseAt(27.999)) / 0.002, 1e-3);
        foreach ([19 => 0.03, 20 => 0.12, 22 => 0.39, 32 => 0.44] as $celsius => $share) {
            $this->assertEqualsWithDelta($share, $points->responseAt($celsius) / $points->responseAt(26), 0.01);
        }
    }

    private function ahead(\Biomegas\Facility\System $system): GrowthClock
    {
        $fish = Example::fish(Example::ofPond(), $system->key, []);

        return (new FacilityClocks(Example::facility([$system], [$fish])))->ahead($fish, $fish->species, $system);
    }
}
