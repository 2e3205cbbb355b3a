<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Water\Nitrification\Bacteria;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\Course;
use Biomegas\Water\Nitrification\Step;
use Biomegas\Water\Nitrification\Water;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Two-step nitrification against the design's table, whose peaks were made
 * with an independent solver (LSODA) and calibrated to practice: four to six
 * weeks for a new filter, two with a tenth of a mature one.
 */
final class NitrificationTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, array{float, float}, array{float, float}, int}> bacteria share (0: new), load, °C, TAN peak and day, nitrite peak and day, clear from */
    public static function table(): iterable
    {
        yield 'new, light stock of 0.1' => [0.0, 0.1, 25, [0.74, 10.5], [1.9, 22.5], 31];
        yield 'new, 0.2' => [0.0, 0.2, 25, [1.54, 10.5], [3.81, 22.6], 31];
        yield 'new, 0.3' => [0.0, 0.3, 25, [2.4, 10.8], [5.9, 23.0], 31];
        yield 'new at 15 °C' => [0.0, 0.2, 15, [4.1, 27], [8.0, 46], 62];
        yield 'new at 20 °C' => [0.0, 0.2, 20, [2.5, 17], [5.5, 32], 43];
        yield 'new at 28 °C' => [0.0, 0.2, 28, [1.2, 8], [3.1, 18], 25];
        yield 'seeded with a tenth' => [0.1, 0.2, 25, [0.51, 5], [1.0, 10], 14];
        yield 'seeded with a third' => [0.33, 0.2, 25, [0.16, 3], [0.24, 5], 8];
        yield 'mature, twice the load' => [1.0, 0.4, 25, [0.11, 1.5], [0.14, 2.5], 0];
        yield 'mature, four times' => [1.0, 0.8, 25, [0.34, 2], [0.52, 3], 6];
        yield 'half removed, three times the load' => [0.5, 0.6, 25, [0.54, 2.6], [0.91, 5], 8];
        yield 'deep clean' => [0.3, 0.2, 25, [0.18, 3], [0.28, 5], 8];
        yield 'deep clean and forty fish' => [0.3, 0.6, 25, [0.97, 4], [1.8, 7], 11];
        yield 'washed under the tap, three times the load' => [0.02, 0.6, 25, [4.6, 10], [9.3, 19], 27];
    }

    /**
     * @param  array{float, float}  $ammonia
     * @param  array{float, float}  $nitrite
     */
    #[DataProvider('table')]
    public function test_peaks_of_the_table(float $share, float $load, float $celsius, array $ammonia, array $nitrite, int $clear): void
    {
        $in = new Conditions($celsius);
        $start = $share > 0.0 ? Course::mature($in, 0.2)->times($share) : Bacteria::ofNewFilter();
        $course = Course::of(new Water, $start, $in, $load, 80);

        $this->assertEqualsWithDelta($ammonia[0], $course->ammonia->height, 0.04 * $ammonia[0] + 0.006);
        $this->assertEqualsWithDelta($ammonia[1], $course->ammonia->day, 1.0);
        $this->assertEqualsWithDelta($nitrite[0], $course->nitrite->height, 0.04 * $nitrite[0] + 0.006);
        $this->assertEqualsWithDelta($nitrite[1], $course->nitrite->day, 1.0);
        $this->assertEqualsWithDelta($clear, $course->clearFrom(), 1.0);
    }

    /** The design's figure: half of the water daily brings the peaks of a scrubbed filter from 4.5 to 0.69 mg N/l of nitrite. */
    public function test_daily_changes_hold_the_peaks_down(): void
    {
        $scrubbed = Course::mature(new Conditions, 0.2)->times(0.1);
        $without = Course::of(new Water, $scrubbed, new Conditions, 0.6, 60);
        $with = Course::of(new Water, $scrubbed, new Conditions(dailyChange: 0.5), 0.6, 60);

        $this->assertEqualsWithDelta(4.5, $without->nitrite->height, 0.1);
        $this->assertEqualsWithDelta(0.69, $with->nitrite->height, 0.03);
        $this->assertEqualsWithDelta(0.86, $with->ammonia->height, 0.03);
    }

    /** Steps of an hour and of a day end near each other: the implicit step does not depend on its length for being sane. */
    public function test_long_steps_stay_near_short_ones(): void
    {
        [$water, $bacteria, $peak] = [new Water, Bacteria::ofNewFilter(), 0.0];
        for ($day = 0; $day < 40; $day++) {
            [$water, $bacteria] = Step::advance($water, $bacteria, new Conditions, 0.2, 1.0);
            $peak = max($peak, $water->ammonia);
        }

        $this->assertEqualsWithDelta(1.531, $peak, 0.01);
    }

    /** Nitrogen in is nitrogen out plus held, whatever happens; nothing falls below zero. */
    public function test_nitrogen_is_conserved_and_never_negative(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($case = 0; $case < 40; $case++) {
            $any = fn (float $most): float => $most * $random->getInt(0, 1_000_000) / 1_000_000;
            [$water, $bacteria] = [new Water($any(5), $any(5), $any(20)), new Bacteria(0.001 + $any(5), 0.001 + $any(5))];
            $in = new Conditions(5 + $any(28), 0.5 + $any(10));
            [$made, $start, $out] = [0.0, $water->nitrogen(), 0.0];
            for ($step = 0; $step < 300; $step++) {
                [$load, $days] = [$any(3), 0.01 + $any(1)];
                [$water, $bacteria] = Step::advance($water, $bacteria, $in, $load, $days);
                $made += $load * $days;
                $this->assertGreaterThanOrEqual(0.0, min($water->ammonia, $water->nitrite, $water->nitrate));
                if ($step % 7 === 0) {
                    $before = $water->nitrogen();
                    $water = $water->changed(0.3, 1.5);
                    $out += 0.3 * $before - 0.3 * 1.5;
                }
            }
            $this->assertEqualsWithDelta($start + $made, $water->nitrogen() + $out, 1e-9 * (1 + $made));
        }
    }

    /** Common practice, no published source: a fishless start with ammonia to 2 mg/l takes about 39 days. */
    public function test_a_fishless_start(): void
    {
        $dose = fn (int $day, Water $water): float => $water->ammonia < Course::GONE ? 2.0 : 0.0;
        $course = Course::of(new Water, Bacteria::ofNewFilter(), new Conditions, 0.0, 60, $dose);

        $this->assertEqualsWithDelta(2.1, $course->ammonia->height, 0.2);
        $this->assertEqualsWithDelta(18.7, $course->nitrite->height, 1.9);
        $this->assertEqualsWithDelta(29, $course->nitrite->day, 1.0);
    }
}
