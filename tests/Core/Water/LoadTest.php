<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Feeding;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrate\NitrateAdvice;
use Biomegas\Water\Nitrate\NitrateCourse;
use Biomegas\Water\Nitrate\NitrateYield;
use Biomegas\Water\NitrateLoad;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\FilterStart;
use Biomegas\Water\Nitrification\LoadForecast;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class LoadTest extends TestCase
{
    /** Common practice, no published source: about 3 % of its mass a day at 10 g, under 1 % at ten kilograms. */
    public function test_the_larger_the_less_for_each_gram(): void
    {
        $this->assertEqualsWithDelta(0.3, Feeding::gramsPerDay(10), 1e-9);
        $this->assertEqualsWithDelta(0.012, Feeding::gramsPerDay(1000) / 1000, 5e-4);
        $this->assertLessThan(0.01, Feeding::gramsPerDay(10000) / 10000);
        $this->assertSame(0.0, Feeding::gramsPerDay(0));
    }

    /** Timmons & Ebeling, Recirculating Aquaculture: 0.092 of the protein becomes ammonia nitrogen (figure from memory); nitrate is 4.43 of its nitrogen. */
    public function test_nitrate_of_100_grams_of_food(): void
    {
        $this->assertEqualsWithDelta(3.68, NitrateLoad::nitrogenPerDay(100), 1e-9);
        $this->assertEqualsWithDelta(7 * 100 * 0.4 * 0.092 * 4.4267 * 1000, NitrateLoad::milligramsPerWeek(100), 50);
    }

    /** The steady state of formulas.md against a day-by-day simulation. */
    public function test_peak_and_trough_agree_with_a_simulation_by_day(): void
    {
        $course = new NitrateCourse(madePerWeek: 14.0, share: 0.3, tap: 8.0);
        $level = 8.0;
        [$peak, $trough] = [0.0, 0.0];
        for ($day = 1; $day <= 7 * 200; $day++) {
            $level += 14.0 / 7;
            if ($day % 7 === 0) {
                $peak = $level;
                $level = 0.7 * $level + 0.3 * 8.0;
                $trough = $level;
            }
        }

        $this->assertEqualsWithDelta($peak, $course->peak(), 1e-9);
        $this->assertEqualsWithDelta($trough, $course->trough(), 1e-9);
    }

    public function test_the_least_change_holds_the_target_and_the_way_there_is_counted(): void
    {
        $share = NitrateCourse::leastShare(14.0, 50.0, 10.0);
        $course = new NitrateCourse(14.0, $share, 10.0);

        $this->assertEqualsWithDelta(50.0, $course->peak(), 1e-9);
        $this->assertSame(0, $course->weeksUntil(50.0, 30.0));
        $this->assertNull((new NitrateCourse(14.0, 0.1, 10.0))->weeksUntil(50.0, 30.0));

        $weeks = (new NitrateCourse(14.0, 0.5, 10.0))->weeksUntil(50.0, 160.0);
        $peaks = (new NitrateCourse(14.0, 0.5, 10.0))->peaksFrom(160.0, 12);
        $this->assertSame($weeks, 1 + (int) array_key_first(array_filter($peaks, fn (float $height): bool => $height <= 52.0)));
    }

    public function test_says_what_to_change_and_for_how_long(): void
    {
        $now = new NitrateCourse(14.0, 0.25, 10.0);
        $half = new NitrateCourse(14.0, 0.5, 10.0);

        $this->assertSame('Nitrate stays above 50 mg/l until 35 % is changed each week; then it is down in ten weeks.', Said::of(NitrateAdvice::of(0.35, $now, 50.0, 120.0)));
        $this->assertSame('Nitrate stays above 50 mg/l until 35 % is changed each week.', Said::of(NitrateAdvice::of(0.35, $now, 50.0, null)));
        $this->assertSame('With the present weekly change nitrate is down to 50 mg/l in five weeks.', Said::of(NitrateAdvice::of(0.35, $half, 50.0, 160.0)));
        $this->assertSame('The weekly change is enough: 40 % would hold 50 mg/l.', Said::of(NitrateAdvice::of(0.36, $half, 50.0, 30.0)));
        $this->assertSame('Not even all of the water each week holds nitrate at 50 mg/l.', Said::of(NitrateAdvice::of(1.2, $now, 50.0, 30.0)));
    }

    public function test_the_yield_is_found_again_from_tests_of_known_yield(): void
    {
        $start = LocalDate::fromIso('2027-01-01');
        $changes = array_map(fn (int $week): array => [$start->plusDays(7 * $week), 0.3], range(1, 8));
        [$level, $tests] = [20.0, [[$start, 20.0]]];
        for ($day = 1; $day <= 56; $day++) {
            $level += 0.6 * 21.0 / 7;
            $level = $day % 7 === 0 ? 0.7 * $level + 0.3 * 10.0 : $level;
            if ($day % 11 === 0) {
                $tests[] = [$start->plusDays($day), $level];
            }
        }
        $fit = NitrateYield::fit($tests, $changes, fn (): float => 21.0, 0.25, 10.0);

        $this->assertEqualsWithDelta(0.6, $fit?->factor, 1e-9);
        $this->assertSame(5, $fit?->spans);
        $this->assertNull(NitrateYield::fit([$tests[0]], $changes, fn (): float => 21.0, 0.25, 10.0));
        $this->assertNull(NitrateYield::fit($tests, $changes, fn (): float => 0.1, 0.25, 10.0), 'a pond in winter');
        $this->assertNull(NitrateYield::fit([$tests[0], [$start->plusDays(1), 22.0]], [], fn (): float => 21.0, 0.25, 10.0));
    }

    public function test_a_system_adds_up_what_its_fish_ask(): void
    {
        $system = Example::tank('long', 240, 75, 70)->with(new Equipment(sumpLitres: 200, filter: new Filter(FilterMedia::Carriers, 40), turnover: 5000));
        $fish = new FedOccupant(Example::of(), 400.0, 2, Ration::Steady);
        $load = SystemLoad::of($system, [$fish], null, new Rulebook);

        $this->assertEqualsWithDelta(2 * 0.015 * 40 ** 3, $load->mass, 1e-6);
        $this->assertEqualsWithDelta(2 * Feeding::gramsPerDay(960), $load->feed, 1e-9);
        $this->assertEqualsWithDelta($load->feed * 0.0368, $load->ammonia, 1e-9);
        $this->assertEqualsWithDelta(40 * 0.5 * RuleParameter::FilterRate->standard() / 1.3, $load->carried() ?? 0, 1e-9);
        $this->assertEqualsWithDelta($load->ammonia / $load->carried(), $load->filterShare() ?? 0, 1e-9);
        $this->assertEqualsWithDelta($system->litres() + 200, $load->litres, 1e-9);
        $this->assertEqualsWithDelta(50.0, $load->nitrateYielding(1.0, $load->leastWeeklyChange())->peak(), 1e-6);
    }

    /** What the bar calls just large enough, the simulation must clear. */
    public function test_a_filter_that_just_carries_its_load_keeps_the_water_clear(): void
    {
        $system = Example::tank('long', 240, 75, 70);
        $fish = new FedOccupant(Example::of(), 400.0, 2, Ration::Steady);
        $litres = 1.3 * SystemLoad::of($system, [$fish], null, new Rulebook)->ammonia / (0.5 * RuleParameter::FilterRate->standard());
        $load = SystemLoad::of($system->with(new Equipment(filter: new Filter(FilterMedia::Carriers, $litres))), [$fish], null, new Rulebook);
        $forecast = LoadForecast::of(new Conditions(25.0, $load->capacityPerLitre() ?? 0.0), FilterStart::running(), $load->ammoniaPerLitre(), $load->ammoniaPerLitre(), $load->litres);

        $this->assertEqualsWithDelta(1.0, $load->filterShare(), 1e-9);
        $this->assertTrue($forecast->isBearable());
        $this->assertLessThan(0.15, $forecast->course->days[60]->nitrite);
    }

    public function test_a_cold_pond_is_fed_little(): void
    {
        $fish = new FedOccupant(Example::ofPond(), 400.0, 1, Ration::Steady);

        $this->assertSame(0.0, $fish->feed(6.0));
        $this->assertLessThan(0.5 * $fish->feed(22.0), $fish->feed(14.0));
        $this->assertEqualsWithDelta($fish->feed(null), $fish->feed(22.0), 1e-9);
        $this->assertGreaterThan($fish->feed(22.0), (new FedOccupant(Example::ofPond(), 400.0, 1, Ration::Several))->feed(22.0));
    }
}
