<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\FeedingHabit;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
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
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;
use Tests\SampleSpecies;

final class LoadTest extends TestCase
{
    /** Common practice, no published source: 2 to 3 % of its mass a day for small juveniles, about 1 % half-grown, 0.3 to 0.6 % for large adults. */
    public function test_the_larger_the_less_for_each_gram(): void
    {
        $share = fn (float $grams, float $grown): float => Feeding::gramsPerDay($grams, $grown, Ration::Steady, new Rulebook) / $grams;

        $this->assertEqualsWithDelta(0.025, $share(10, 0.0), 1e-9);
        $this->assertEqualsWithDelta(0.025, $share(5, 0.15), 0.005);
        $this->assertEqualsWithDelta(0.01, $share(120, 0.5), 0.002);
        $this->assertEqualsWithDelta(0.0045, $share(700, 1.0), 0.0015);
        $this->assertEqualsWithDelta(0.0045, $share(1500, 1.2), 0.0015);
        $this->assertSame(0.0, Feeding::gramsPerDay(0, 0.5, Ration::Steady, new Rulebook));
    }

    public function test_feeding_follows_the_method_and_its_numbers_the_rulebook(): void
    {
        $feed = fn (Ration $ration, Rulebook $rulebook = new Rulebook): float => Feeding::gramsPerDay(100, 0.5, $ration, $rulebook);

        $this->assertEqualsWithDelta(0.7 * $feed(Ration::Steady), $feed(Ration::Sparse), 1e-9);
        $this->assertEqualsWithDelta(1.4 * $feed(Ration::Steady), $feed(Ration::Several), 1e-9);
        $this->assertEqualsWithDelta(2 * $feed(Ration::Steady), $feed(Ration::Steady, new Rulebook(numbers: ['feed_share' => 0.05])), 1e-9);
    }

    /** 1.8 times the ration at half as much protein again: 2.7 times the ammonia and the nitrate, from the same formula. */
    public function test_what_was_fed_makes_the_load_not_what_the_book_says(): void
    {
        $tank = Example::tank('tank', 100, 50);
        $fed = [new FedOccupant(Example::of(), 300.0, 2, Ration::Steady)];
        $book = SystemLoad::of($tank, $fed, null, new Rulebook);
        $habit = SystemLoad::of($tank->fed(new FeedingHabit(1.8, 1.5 * Feeding::PROTEIN, null)), $fed, null, new Rulebook);
        $this->assertEqualsWithDelta(1.8 * $book->feed, $habit->feed, 1e-9);
        $this->assertEqualsWithDelta(2.7 * $book->ammonia, $habit->ammonia, 1e-9);
        $this->assertEqualsWithDelta(2.7 * $book->nitrate->madePerWeek, $habit->nitrate->madePerWeek, 1e-9);
        $this->assertSame($book->mass, $habit->mass);
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
        $measured = NitrateYield::fit(...self::testsOfKnownYield());
        $this->assertNotNull($measured);
        $says = fn (float $least, NitrateCourse $course, ?float $there, ?NitrateYield $yield = null): string => Said::of((new NitrateAdvice($yield ?? $measured, $least, $course, 50.0, 0.6))->finding($there));
        $experience = NitrateYield::byExperience(new Rulebook);

        $this->assertSame('Nitrate stays above 50 mg/l until 35 % is changed each week; then it is down in ten weeks.', $says(0.35, $now, 120.0));
        $this->assertSame('Nitrate stays above 50 mg/l until 35 % is changed each week.', $says(0.35, $now, null));
        $this->assertSame('With the present weekly change nitrate is down to 50 mg/l in five weeks.', $says(0.35, $half, 160.0));
        $this->assertSame('The weekly change is enough: 40 % would hold 50 mg/l.', $says(0.36, $half, 30.0));
        $this->assertSame('Too many for this water: not even all of it each week holds nitrate at 50 mg/l, by your tests.', $says(1.2, $now, 30.0));
        $this->assertSame('Too many for this water: about 70 % of it each week would hold nitrate at 50 mg/l, by your tests.', $says(0.7, $now, 30.0));
        $this->assertSame('About 35 % changed each week would hold nitrate at 50 mg/l, by experience of other tanks: three tests, some days apart each, would show it.', $says(0.35, $now, 120.0, $experience));
        $this->assertSame('The weekly change is enough: about 40 %, by experience of other tanks, would hold 50 mg/l.', $says(0.36, $half, 30.0, $experience));
    }

    /** @return iterable<string, array{string, float, int, float, float, float}> species, mm, how many, litres, weekly share, mg/l at most */
    public static function keptWaters(): iterable
    {
        yield 'eleven mbuna of 8 cm in 114 l at a third' => ['zebra-mbuna', 80, 11, 114, 1 / 3, 60];
        yield 'six black skirts in 75 l at a quarter' => ['black-skirt-tetra', 55, 6, 75, 0.25, 50];
        yield 'six angelfish in 284 l at a third' => ['scalare', 150, 6, 284, 1 / 3, 50];
        yield 'three oscars in 972 l at a half' => ['oscar', 300, 3, 972, 0.5, 50];
    }

    /** Common practice, no published source: such a weekly change holds such water. */
    #[DataProvider('keptWaters')]
    public function test_nitrate_that_keepers_hold(string $species, float $length, int $count, float $litres, float $share, float $most): void
    {
        $home = System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside(1000, $litres, 1000))->with(new Equipment(weeklyChange: $share));
        $load = SystemLoad::of($home, [new FedOccupant(SampleSpecies::named($species), $length, $count, Ration::Steady)], 26.0, new Rulebook);

        $this->assertEqualsWithDelta($litres, $load->litres, 1e-6);
        $peak = $load->nitrateYielding(NitrateYield::byExperience(new Rulebook)->factor)->peak();
        $this->assertLessThan($most, $peak);
        $this->assertGreaterThan(RuleParameter::NitrateTap->standard() + 2, $peak, 'they do make some');
    }

    public function test_the_yield_is_found_again_from_tests_of_known_yield(): void
    {
        [$tests, $changes, $made] = $known = self::testsOfKnownYield();
        $fit = NitrateYield::fit(...$known);

        $this->assertEqualsWithDelta(0.6, $fit?->factor, 1e-9);
        $this->assertSame(5, $fit?->spans);
        $this->assertTrue($fit?->isMeasured());
        $this->assertNull(NitrateYield::fit([$tests[0]], $changes, $made, 0.25, 10.0));
        $this->assertNull(NitrateYield::fit(array_slice($tests, 0, 2), $changes, $made, 0.25, 10.0), 'one span may be a mistake of the kit');
        $this->assertNull(NitrateYield::fit($tests, $changes, fn (): float => 0.1, 0.25, 10.0), 'a pond in winter');
        $this->assertNull(NitrateYield::fit([$tests[0], [$tests[0][0]->plusDays(1), 22.0]], [], $made, 0.25, 10.0));
        $this->assertFalse(NitrateYield::byExperience(new Rulebook)->isMeasured());
    }

    /** @return array{list<array{LocalDate, float}>, list<array{LocalDate, float}>, Closure(): float, float, float} a yield of 0.6 */
    private static function testsOfKnownYield(): array
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

        return [$tests, $changes, fn (): float => 21.0, 0.25, 10.0];
    }

    public function test_a_system_adds_up_what_its_fish_ask(): void
    {
        $system = Example::tank('long', 240, 75, 70)->with(new Equipment(sumpLitres: 200, filter: new Filter(FilterMedia::Carriers, 40), turnover: 5000));
        $fish = new FedOccupant(Example::of(), 400.0, 2, Ration::Steady);
        $load = SystemLoad::of($system, [$fish], null, new Rulebook);

        $this->assertEqualsWithDelta(2 * 0.015 * 40 ** 3, $load->mass, 1e-6);
        $this->assertEqualsWithDelta(2 * Feeding::gramsPerDay(960, 400 / 500, Ration::Steady, new Rulebook), $load->feed, 1e-9);
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
        $feed = fn (?float $celsius): float => $fish->feed($celsius, new Rulebook);

        $this->assertSame(0.0, $feed(6.0));
        $this->assertLessThan(0.5 * $feed(22.0), $feed(14.0));
        $this->assertEqualsWithDelta($feed(null), $feed(22.0), 1e-9);
        $this->assertGreaterThan($feed(22.0), (new FedOccupant(Example::ofPond(), 400.0, 1, Ration::Several))->feed(22.0, new Rulebook));
    }
}
