<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MatchClass;
use Biomegas\Moving\Mixing\MixingSchedule;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\Mixture;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Water\Test\Salt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

/** Bringing a fish from one water to another, against closed forms, a full carbonate computation and practice. */
final class MixingTest extends TestCase
{
    /** @return iterable<string, array{MixingWay, float}> the closed forms for n equal portions v in V: V/(V+nv), (V/(V+v))^n, (1-v/V)^n at v/V 0.2, n 10 */
    public static function ways(): iterable
    {
        yield 'fill up and keep' => [MixingWay::FillUp, 1 / 3];
        yield 'add, then pour off' => [MixingWay::PourOff, (1 / 1.2) ** 10];
        yield 'take out, then add' => [MixingWay::TakeOut, 0.8 ** 10];
    }

    #[DataProvider('ways')]
    public function test_series_of_equal_portions(MixingWay $way, float $expected): void
    {
        [$left, $litres, $salt] = [1.0, 10.0, 100.0];
        for ($i = 0; $i < 10; $i++) {
            $left = $way->left(10.0, $left, 2.0);
            // The same by pouring: grams of salt in so many litres.
            if ($way === MixingWay::TakeOut) {
                $salt -= $salt * 2.0 / $litres;
            } else {
                $litres += 2.0;
                if ($way === MixingWay::PourOff) {
                    $salt *= 10.0 / $litres;
                    $litres = 10.0;
                }
            }
        }

        $this->assertEqualsWithDelta($expected, $left, 1e-12);
        $this->assertEqualsWithDelta($salt / $litres / 10.0, $left, 1e-12);
    }

    #[DataProvider('ways')]
    public function test_a_portion_leaves_what_it_was_made_for(MixingWay $way): void
    {
        foreach ([[1.0, 0.8], [0.8, 0.5], [0.5, 0.11]] as [$old, $wanted]) {
            $this->assertEqualsWithDelta($wanted, $way->left(7.0, $old, $way->portion(7.0, $old, $wanted)), 1e-12);
        }
    }

    /** @return iterable<string, array{WaterSample, WaterSample, array{float, float, float}}> minutes for hardy, usual and sensitive fish */
    public static function table(): iterable
    {
        yield 'two degrees, 0.3 pH, 30 %' => [new WaterSample(25, 7, 4, 10), new WaterSample(27, 7.3, 4, 13), [12, 28, 48]];
        yield 'three degrees, 0.5 pH' => [new WaterSample(25, 7, 4, 10), new WaterSample(28, 7.5, 4, 10), [24, 40, 82]];
        yield 'six degrees, one pH, other hardness' => [new WaterSample(22, 6.8, 3, 10), new WaterSample(28, 7.8, 8, 10), [52, 88, 170]];
        yield 'hardness halved' => [new WaterSample(25, 7, 4, 10), new WaterSample(25, 7, 4, 5), [24, 44, 90]];
        yield 'soft and acid into hard' => [new WaterSample(25, 6.2, 1, 1), new WaterSample(25, 8, 10, 10), [120, 188, 385]];
        yield 'everything' => [new WaterSample(20, 6.5, 4, 20), new WaterSample(28, 8, 4, 2), [116, 184, 362]];
    }

    /**
     * The design's table of minutes, within a portion or a tenth.
     *
     * @param  array{float, float, float}  $minutes
     */
    #[DataProvider('table')]
    public function test_minutes_of_the_table(WaterSample $from, WaterSample $to, array $minutes): void
    {
        foreach (Hardiness::cases() as $i => $fish) {
            $schedule = MixingSchedule::of(new Mixture($from, $to), $fish, MixingWay::TakeOut, 20, $fish->leastPortions());
            $this->assertEqualsWithDelta($minutes[$i], $schedule->minutes, max(4.0, 0.1 * $minutes[$i]), $fish->value);
        }
    }

    /** Common practice, no published source: alike and sensitive a quarter of an hour, a bowl every two or three minutes; shop fish about 25 to 30; alike and hardy none. */
    public function test_minutes_of_practice(): void
    {
        $home = new WaterSample(25, 7.0, 4, 10);
        $shop = new WaterSample(23, 7.3, 4, 13);
        $match = fn (WaterSample $from, Hardiness $fish): WaterMatch => WaterMatch::of($from, $home, $fish, MixingWay::TakeOut, 20);

        $this->assertSame(15.0, $match($home, Hardiness::Sensitive)->schedule->minutes);
        $this->assertSame(0.0, $match($home, Hardiness::Hardy)->schedule->minutes);
        $this->assertSame(0.0, $match($home, Hardiness::Usual)->schedule->minutes);
        $minutes = $match($shop, Hardiness::Usual)->schedule->minutes;
        $this->assertGreaterThanOrEqual(24.0, $minutes);
        $this->assertLessThanOrEqual(30.0, $minutes);
        $this->assertSame(MatchClass::Mix, $match($shop, Hardiness::Usual)->class);
    }

    /** Hatcheries temper by no more than about 5 °C an hour, with sensitive fish less (published hatchery guidance, figure from memory). */
    public function test_temperature_never_changes_faster_than_hatcheries_temper(): void
    {
        $waters = new Mixture(new WaterSample(15), new WaterSample(27));
        foreach ([[Hardiness::Hardy, 6.0], [Hardiness::Usual, 5.0], [Hardiness::Sensitive, 2.5]] as [$fish, $perHour]) {
            $schedule = MixingSchedule::of($waters, $fish, MixingWay::TakeOut, 40, 6);
            $this->assertGreaterThanOrEqual((12 - $fish->tolerance()->celsius) / $perHour * 60 - $fish->every(), $schedule->minutes, $fish->value);
        }
    }

    public function test_no_portion_changes_more_than_a_fish_bears(): void
    {
        foreach (self::table() as [$from, $to]) {
            $waters = new Mixture($from, $to);
            foreach (Hardiness::cases() as $fish) {
                $old = 1.0;
                $remaining = [];
                foreach (MixingSchedule::of($waters, $fish, MixingWay::PourOff, 20, $fish->leastPortions())->portions as $portion) {
                    $this->assertTrue($waters->between(1 - $old, 1 - $portion->remaining)->isWithin($fish->step()->times(1.0001)));
                    $remaining[] = $old = $portion->remaining;
                }
                $this->assertTrue($waters->between(1 - $old, 1.0)->isWithin($fish->tolerance()->times(1.0001)));
                $sorted = $remaining;
                rsort($sorted);
                $this->assertSame($sorted, $remaining);
            }
        }
    }

    /** The first fifth of hard water lifts soft acid water by half a pH: portions must grow. */
    public function test_portions_grow_where_soft_meets_hard(): void
    {
        $waters = new Mixture(new WaterSample(25, 6.2, 1), new WaterSample(25, 8.0, 10));
        $this->assertEqualsWithDelta(0.53, $waters->ph(0.2) - 6.2, 0.01);
        $portions = MixingSchedule::of($waters, Hardiness::Usual, MixingWay::TakeOut, 20, 6)->portions;

        $this->assertLessThan(0.5 * $portions[8]->litres, $portions[0]->litres);
    }

    /** @return iterable<string, array{float, float, float, float, float}> pH and KH of both, and the tolerance */
    public static function pairs(): iterable
    {
        yield 'usual' => [6.8, 4, 7.6, 6, 0.04];
        yield 'equal hardness' => [6.5, 5, 7.5, 5, 0.04];
        yield 'soft into hard' => [6.2, 1, 8.0, 10, 0.05];
        yield 'hard into soft' => [7.8, 12, 6.6, 2, 0.05];
        yield 'very alkaline and soft' => [8.4, 1, 7.0, 4, 0.15];
    }

    /** pH of a mixture against the whole carbonate system: carbon and alkalinity conserved, solved for hydrogen (Stumm & Morgan, Aquatic Chemistry; constants at 25 °C from memory). */
    #[DataProvider('pairs')]
    public function test_ph_against_a_full_carbonate_computation(float $ph, float $kh, float $otherPh, float $otherKh, float $tolerance): void
    {
        $waters = new Mixture(new WaterSample(25, $ph, $kh), new WaterSample(25, $otherPh, $otherKh));
        foreach ([0.1, 0.3, 0.5, 0.7, 0.9] as $share) {
            $alkalinity = self::molar((1 - $share) * $kh + $share * $otherKh);
            $carbon = (1 - $share) * self::carbon($ph, self::molar($kh)) + $share * self::carbon($otherPh, self::molar($otherKh));
            $this->assertEqualsWithDelta(self::solve($carbon, $alkalinity), $waters->ph($share), $tolerance);
        }
    }

    /** °dH to mol/l of charge: a degree is 0.357 mmol. */
    private static function molar(float $degrees): float
    {
        return 0.357e-3 * $degrees;
    }

    /** Share of charge that a mole of dissolved carbon carries. */
    private static function charge(float $ph): float
    {
        [$h, $k1, $k2] = [10 ** -$ph, 10 ** -6.35, 10 ** -10.33];

        return ($k1 * $h + 2 * $k1 * $k2) / ($h ** 2 + $k1 * $h + $k1 * $k2);
    }

    private static function carbon(float $ph, float $alkalinity): float
    {
        return ($alkalinity - 1e-14 / 10 ** -$ph + 10 ** -$ph) / self::charge($ph);
    }

    private static function solve(float $carbon, float $alkalinity): float
    {
        [$low, $high] = [3.0, 11.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $there = $carbon * self::charge($middle) + 1e-14 / 10 ** -$middle - 10 ** -$middle;
            [$low, $high] = $there < $alkalinity ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }

    public function test_what_makes_a_move_wait(): void
    {
        $to = new WaterSample(25, 7.2, 4, 10);
        $match = fn (WaterSample $from, WaterSample $other): WaterMatch => WaterMatch::of($from, $other, Hardiness::Sensitive, MixingWay::TakeOut, 20);

        $this->assertSame(MatchClass::NotYet, $match(new WaterSample(18, 6.0, 1, 2), $to)->class, 'too different');
        $this->assertSame(MatchClass::NotYet, $match($to, new WaterSample(25, 7.2, 4, 10, nitrite: 1.0))->class);
        $this->assertSame(MatchClass::NotYet, $match(new WaterSample(25, 7.2, 4, 10, salinity: 35.0), $to)->class);
        $shipped = $match(new WaterSample(25, 6.6, 4, 10, ammonia: 2.6), $to);
        $this->assertSame(MatchClass::NotYet, $shipped->class);
        $this->assertStringContainsString('no air in an unmixed bag', Said::of($shipped->reasons[0]));
        $slow = $match(new WaterSample(22, 7.0, 4, 10), $to);
        $this->assertSame(MatchClass::SlowMix, $slow->class, 'over an hour');
    }

    /** Common practice, no published source: salt of 20 to 35 ppt is a matter of hours to days, one or two parts of minutes. */
    public function test_salt_of_one_class_follows_the_difference(): void
    {
        $match = fn (float $from, float $to): WaterMatch => WaterMatch::of(new WaterSample(25, 8.2, 8, 10, salinity: $from), new WaterSample(25, 8.2, 8, 10, salinity: $to), Hardiness::Usual, MixingWay::TakeOut, 20.0);

        $this->assertSame(MatchClass::StraightAcross, $match(34, 35)->class);
        $this->assertSame(MatchClass::Mix, $match(32, 35)->class);
        $this->assertSame(MatchClass::NotYet, $match(20, 35)->class);
        $this->assertStringContainsString('takes 15 hours at least, better days', Said::of($match(20, 35)->reasons[0]));
    }

    /** PSS-78 (UNESCO 1983), values from memory: conductivity at 25 °C of 10, 20 and 30 ppt. */
    public function test_salinity_by_conductivity(): void
    {
        foreach ([[17.1, 10.0], [32.1, 20.0], [46.2, 30.0]] as [$milliSiemens, $ppt]) {
            $this->assertEqualsWithDelta($ppt, Salt::ofConductivity($milliSiemens), 0.03 * $ppt);
        }
    }

    public function test_waters_are_alike_only_when_both_were_tested(): void
    {
        $typed = new WaterSample(25, 7.2, 4, 10, isTested: false);
        $tested = new WaterSample(25, 7.2, 4, 10);
        $says = fn (WaterSample $from, WaterSample $to): string => Said::of(WaterMatch::of($from, $to, Hardiness::Hardy, MixingWay::TakeOut, 20.0)->reasons[0]);

        $this->assertSame('Alike as typed, not tested: test both first.', $says($typed, $tested));
        $this->assertSame('Alike as typed, not tested: test both first.', $says($tested, $typed));
        $this->assertStringNotContainsString('typed', $says($tested, $tested));
    }

    public function test_a_container_that_gets_too_full_is_said(): void
    {
        $filled = WaterMatch::of(new WaterSample(22, 6.8, 4, 5), new WaterSample(26, 7.4, 4, 12), Hardiness::Usual, MixingWay::FillUp, 10);
        $taken = WaterMatch::of(new WaterSample(22, 6.8, 4, 5), new WaterSample(26, 7.4, 4, 12), Hardiness::Usual, MixingWay::TakeOut, 10);

        $this->assertTrue($filled->schedule->isTooFull);
        $this->assertStringContainsString('it can jump', Said::of($filled->reasons));
        $this->assertFalse($taken->schedule->isTooFull);
        $this->assertGreaterThan(0.0, $taken->schedule->drip());
    }

    public function test_the_rulebook_can_say_always_slowly(): void
    {
        $same = new WaterSample(25, 7.0, 4, 10);

        $this->assertSame(24.0, WaterMatch::of($same, $same, Hardiness::Usual, MixingWay::TakeOut, 20, alwaysSlow: true)->schedule->minutes);
    }
}
