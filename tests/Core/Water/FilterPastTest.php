<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\Course;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Nitrification\FilterStart;
use Biomegas\Water\Nitrification\LoadForecast;
use PHPUnit\Framework\TestCase;

/** Loads in mg N/l/d; today is 1 March 2027. */
final class FilterPastTest extends TestCase
{
    private const TODAY = '2027-03-01';

    private const LOAD = 0.5;

    public function test_after_weeks_with_its_load_a_filter_is_grown(): void
    {
        $grown = $this->past([[-60, 0.0], [-45, self::LOAD]])->bacteria(new Conditions, self::LOAD);
        $mature = Course::mature(new Conditions, self::LOAD);

        $this->assertGreaterThan(0.8 * $mature->ammonia, $grown->ammonia);
        $this->assertGreaterThan(0.8 * $mature->nitrite, $grown->nitrite);
    }

    public function test_bacteria_fade_over_weeks_when_their_load_leaves_not_at_once(): void
    {
        $left = fn (int $days): float => $this->past([[-60, self::LOAD], [-$days, 0.0]])->bacteria(new Conditions, 0.0)->nitrite;

        $this->assertEqualsWithDelta(0.5, $left(7) / $left(0), 0.1);
        $this->assertEqualsWithDelta(0.06, $left(28) / $left(0), 0.03);
    }

    /** Common practice, no published source: a tank that was run in by starters carries its fish when these leave on the day they come. */
    public function test_starters_that_leave_today_have_run_the_tank_in(): void
    {
        $forecast = fn (?FilterPast $past): LoadForecast => LoadForecast::of(new Conditions, $past === null ? FilterStart::running() : FilterStart::running()->after($past), 0.0, self::LOAD, 200.0);
        $withStarters = LoadForecast::of(new Conditions, FilterStart::running(), self::LOAD, self::LOAD, 200.0);
        $left = $forecast($this->past([[-60, 0.0], [-39, self::LOAD], [0, 0.0]]));

        $this->assertGreaterThan(10, $forecast(null)->ammoniaPeak()->height, 'a filter that nobody fed');
        $this->assertEqualsWithDelta($withStarters->nitritePeak()->height, $left->nitritePeak()->height, 0.3);
        $this->assertEqualsWithDelta($withStarters->ammoniaPeak()->height, $left->ammoniaPeak()->height, 0.3);
    }

    public function test_clean_tests_override_what_is_reckoned(): void
    {
        $new = [[-60, 0.0], [-3, self::LOAD]];

        $this->assertLessThan(0.2 * Course::mature(new Conditions, self::LOAD)->nitrite, $this->past($new)->bacteria(new Conditions, self::LOAD)->nitrite);
        $mature = Course::mature(new Conditions, self::LOAD);
        $this->assertEquals($mature, $this->past($new, cleanDaysAgo: 2)->bacteria(new Conditions, self::LOAD));
        $this->assertEquals($mature->times(0.3), $this->past($new, [[-1, FilterCare::DeepCleaned]], cleanDaysAgo: 2)->bacteria(new Conditions, self::LOAD), 'cleaned since');
        $this->assertEquals($mature, $this->past($new, [[-3, FilterCare::DeepCleaned]], cleanDaysAgo: 2)->bacteria(new Conditions, self::LOAD), 'cleaned before');
    }

    public function test_a_deep_clean_is_remembered_until_it_has_grown_again(): void
    {
        $cleaned = fn (int $ago): float => $this->past([[-60, self::LOAD]], [[-$ago, FilterCare::DeepCleaned]])->bacteria(new Conditions, self::LOAD)->nitrite;
        $untouched = $this->past([[-60, self::LOAD]])->bacteria(new Conditions, self::LOAD)->nitrite;

        $this->assertEqualsWithDelta(0.3 * $untouched, $cleaned(0), 1e-9);
        $this->assertGreaterThan($cleaned(0), $cleaned(4));
        $this->assertEqualsWithDelta($untouched, $cleaned(40), 0.1 * $untouched);
    }

    /** Nothing that a kit shows, where the load is under 60 % of what the filter carries. */
    public function test_an_untouched_filter_shows_nothing(): void
    {
        foreach ([0.2, 0.4, 0.6] as $share) {
            $in = new Conditions(25.0, Conditions::IN_PLENTY * Conditions::LEAST_RESERVE * self::LOAD / $share);
            $forecast = LoadForecast::of($in, FilterStart::running()->after($this->past([[-60, self::LOAD]])), self::LOAD, self::LOAD, 200.0);

            $this->assertLessThan(0.05, $forecast->ammoniaPeak()->height, "{$share}");
            $this->assertLessThan(0.05, $forecast->nitritePeak()->height, "{$share}");
        }
    }

    /**
     * @param  non-empty-list<array{int, float}>  $loads  days from today
     * @param  list<array{int, FilterCare}>  $cares
     */
    private function past(array $loads, array $cares = [], ?int $cleanDaysAgo = null): FilterPast
    {
        $today = LocalDate::fromIso(self::TODAY);

        return new FilterPast(
            array_map(fn (array $load): array => [$today->plusDays($load[0]), $load[1]], $loads),
            array_map(fn (array $care): array => [$today->plusDays($care[0]), $care[1]->left()], $cares),
            $cleanDaysAgo === null ? null : $today->plusDays(-$cleanDaysAgo), $today,
        );
    }

    /** Common practice, no published source: live starting bacteria take over half of the waiting. */
    public function test_dosed_bacteria_take_over_half_of_the_wait(): void
    {
        $days = fn (FilterStart $start): int => LoadForecast::of(new Conditions, $start, 0.0, self::LOAD, 200.0)->course->clearFrom() ?? 99;
        $alone = $days(FilterStart::fresh());

        $this->assertGreaterThan(25, $alone);
        $this->assertEqualsWithDelta($alone / 2, $days(FilterStart::fresh()->dosed()), 4.0);
        $this->assertLessThanOrEqual(1, $days(FilterStart::running()->after($this->past([[-60, self::LOAD]]))->dosed()), 'and do a filter that runs no harm');
    }

    public function test_a_kit_is_shown_the_same_in_days_and_peak(): void
    {
        $forecast = LoadForecast::of(new Conditions, FilterStart::running(), 0.05, self::LOAD, 200.0);

        $this->assertLessThanOrEqual($forecast->nitritePeak()->height + 1e-9, max($forecast->nitriteDays()));
        $this->assertEqualsWithDelta($forecast->nitritePeak()->height, max($forecast->nitriteDays()), 0.05);
        $this->assertEqualsWithDelta($forecast->ammoniaPeak()->height, max($forecast->ammoniaDays()), 0.05);
    }
}
