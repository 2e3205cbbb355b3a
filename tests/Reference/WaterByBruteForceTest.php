<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Nitrate\NitrateCourse;
use Biomegas\Water\Nitrification\Bacteria;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\Course;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Nitrification\Water;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The water of a system once more, written down a second time in the plainest
 * way: explicit steps of two minutes, day after day, with the rates of the
 * design's table and nothing of the application's own steps, roots and sums.
 */
final class WaterByBruteForceTest extends TestCase
{
    private const STEPS = 720;

    /** @return iterable<string, array{float, float, float, float, float, float}> bacteria of either kind, load, °C, capacity, daily change */
    public static function filters(): iterable
    {
        yield 'new' => [0.01, 0.004, 0.2, 25.0, 8.0, 0.0];
        yield 'new and cold' => [0.01, 0.004, 0.15, 17.0, 8.0, 0.0];
        yield 'half of the water daily' => [0.05, 0.03, 0.6, 25.0, 8.0, 0.5];
        yield 'a tenth of the water daily, warm' => [0.02, 0.02, 0.3, 29.0, 4.0, 0.1];
        yield 'run in, three times the load' => [0.4, 0.4, 0.6, 25.0, 3.0, 0.0];
        yield 'a filter that is just large enough' => [0.2, 0.2, 0.3, 25.0, 1.2, 0.0];
    }

    #[DataProvider('filters')]
    public function test_ammonia_nitrite_and_nitrate_day_by_day(float $ammonia, float $nitrite, float $load, float $celsius, float $capacity, float $change): void
    {
        $course = Course::of(new Water, new Bacteria($ammonia, $nitrite), new Conditions($celsius, $capacity, $change, 2.0), $load, 50);
        $plain = self::simulate([0.0, 0.0, 0.0], [$ammonia, $nitrite], fn (int $day): float => $load, $celsius, $capacity, $change, 2.0, 50);

        foreach ($course->days as $day => $water) {
            foreach ([$water->ammonia, $water->nitrite, $water->nitrate] as $i => $there) {
                $this->assertEqualsWithDelta($plain[$day][$i], $there, 0.04 * $plain[$day][$i] + 0.02, "day {$day}");
            }
        }
    }

    /** What lives in a filter follows its load: run up, left without fish for three weeks. */
    public function test_what_lives_in_a_filter_that_lost_its_fish(): void
    {
        $today = LocalDate::fromIso('2027-03-13');
        $past = new FilterPast([[$today->plusDays(-FilterPast::DAYS), 0.0], [$today->plusDays(-50), 0.2], [$today->plusDays(-21), 0.0]], [], null, $today);
        $plain = self::simulate([0.0, 0.0, 0.0], [0.01, 0.004], fn (int $day): float => $day < 29 ? 0.2 : 0.0, 25.0, 8.0, 0.0, 0.0, 50)[50];
        $bacteria = $past->bacteria(new Conditions, 0.0);

        $this->assertEqualsWithDelta($plain[3], $bacteria->ammonia, 0.1 * $plain[3]);
        $this->assertEqualsWithDelta($plain[4], $bacteria->nitrite, 0.1 * $plain[4]);
    }

    /** @return iterable<string, array{float, float, float, float}> made in a week, share changed, tap, at first */
    public static function changes(): iterable
    {
        yield 'a third a week' => [14.0, 0.33, 5.0, 5.0];
        yield 'a tenth a week, from high' => [3.0, 0.1, 2.0, 80.0];
        yield 'four fifths' => [40.0, 0.8, 10.0, 20.0];
    }

    #[DataProvider('changes')]
    public function test_nitrate_under_weekly_changes_day_by_day(float $madePerWeek, float $share, float $tap, float $now): void
    {
        $course = new NitrateCourse($madePerWeek, $share, $tap);
        $peaks = $course->peaksFrom($now, 300);
        $nitrate = $now;
        for ($day = 1; $day <= 7 * 300; $day++) {
            $nitrate += $madePerWeek / 7;
            if ($day % 7 === 0) {
                $this->assertEqualsWithDelta($nitrate, $peaks[intdiv($day, 7) - 1], 1e-9);
                $nitrate += $share * ($tap - $nitrate);
            }
        }
        $this->assertEqualsWithDelta($course->trough(), $nitrate, 1e-6);
        $this->assertEqualsWithDelta($course->peak(), $nitrate + $madePerWeek, 1e-6);
        $this->assertEqualsWithDelta($share, NitrateCourse::leastShare($madePerWeek, $course->peak(), $tap), 1e-9);
    }

    /**
     * @param  array{float, float, float}  $water  ammonia, nitrite, nitrate, mg N/l
     * @param  array{float, float}  $bacteria  mg N/l/d
     * @param  Closure(int): float  $load  on a day, mg N/l/d
     * @return list<array{float, float, float, float, float}> water and bacteria at the end of each day, day 0 first
     */
    private static function simulate(array $water, array $bacteria, Closure $load, float $celsius, float $capacity, float $change, float $tap, int $days): array
    {
        [$ammonia, $nitrite, $nitrate] = $water;
        [$eaters, $finishers] = $bacteria;
        $dt = 1 / self::STEPS;
        [$warm, $warmer] = [1.09 ** ($celsius - 25), 1.06 ** ($celsius - 25)];
        $all = [[$ammonia, $nitrite, $nitrate, $eaters, $finishers]];
        for ($day = 0; $day < $days; $day++) {
            for ($step = 0; $step < self::STEPS; $step++) {
                $first = $eaters * $warm * $ammonia / (0.15 + $ammonia);
                $second = $finishers * $warmer * $nitrite / (0.15 + $nitrite);
                $eaters += $dt * $warm * $eaters * (0.50 * $ammonia / (0.15 + $ammonia) * (1 - $eaters / $capacity) - 0.10);
                $finishers += $dt * $warmer * $finishers * (0.42 * $nitrite / (0.15 + $nitrite) * (1 - $finishers / $capacity) - 0.10);
                $ammonia = max(0.0, $ammonia + $dt * ($load($day) - $first));
                $nitrite = max(0.0, $nitrite + $dt * ($first - $second));
                $nitrate += $dt * $second;
            }
            [$ammonia, $nitrite, $nitrate] = [(1 - $change) * $ammonia, (1 - $change) * $nitrite, $nitrate + $change * ($tap - $nitrate)];
            $all[] = [$ammonia, $nitrite, $nitrate, $eaters, $finishers];
        }

        return $all;
    }
}
