<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Stay;
use Biomegas\Growth\Shoal;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class ShoalTest extends TestCase
{
    public function test_a_single_fish_is_its_own_largest(): void
    {
        $this->assertSame(1.0, Shoal::of(Example::fish(Example::of(), 'home', []))->largestAt(100));
    }

    public function test_the_largest_leads_by_the_usual_spread_and_then_by_its_own(): void
    {
        $twelve = Shoal::of(Example::fish(Example::of(), 'home', [], count: 12));
        $this->assertEqualsWithDelta(exp(0.08 * 1.63), $twelve->largestAt(100), 0.003, 'expected largest of twelve normals: 1.629');
        $this->assertEqualsWithDelta(1.0, $twelve->largestAt(300) * $twelve->smallestAt(300), 1e-12);
        $this->assertSame(200 / $twelve->largestAt(1), $twelve->meanWhenLargestIs(200));
        $this->assertLessThan($twelve->largestAt(100), Shoal::of(self::shoal([new MeasuredLength(LocalDate::fromIso('2026-02-01'), Length::ofMillimetres(100), Method::Hand, sample: 6, spreadMm: 3)]))->largestAt(100));
    }

    public function test_sizes_told_apart_stand_for_largest_and_smallest(): void
    {
        $shoal = Shoal::of(self::shoal([], [[3, 80], [2, 140]]));
        $mean = (3 * 80 + 2 * 140) / 5;
        $this->assertEqualsWithDelta(140, $mean * $shoal->largestAt($mean), 1e-9);
        $this->assertEqualsWithDelta(80, $mean * $shoal->smallestAt($mean), 1e-9);
    }

    /** Two ages on one von Bertalanffy curve: the difference between them is in proportion to the growth left (von Bertalanffy 1938, by algebra). */
    public function test_the_small_ones_catch_up_until_a_usual_spread_is_left(): void
    {
        $shoal = Shoal::of(self::shoal([], [[6, 80], [6, 140]]));
        $before = INF;
        foreach ([110, 200, 300, 400, 500] as $mean) {
            $this->assertLessThan($before, $shoal->largestAt($mean));
            $before = $shoal->largestAt($mean);
        }
        $usual = Shoal::of(Example::fish(Example::of(), 'home', [], count: 12))->largestAt(500);
        $this->assertEqualsWithDelta($usual, $shoal->largestAt(500), 1e-9, 'grown: 500 mm');
        $this->assertEqualsWithDelta($usual, $shoal->largestAt(600), 1e-9);
        foreach ([150.0, 250.0, 450.0] as $limit) {
            $mean = $shoal->meanWhenLargestIs($limit);
            $this->assertEqualsWithDelta($limit, $mean * $shoal->largestAt($mean), 1e-6);
        }
    }

    public function test_a_later_sample_with_a_spread_speaks_instead(): void
    {
        $sample = fn (string $day): array => [new MeasuredLength(LocalDate::fromIso($day), Length::ofMillimetres(100), Method::Hand, sample: 6, spreadMm: 3)];
        $this->assertGreaterThan(1.25, Shoal::of(self::shoal($sample('2026-02-20'), [[3, 80], [2, 140]]))->largestAt(104));
        $this->assertLessThan(1.1, Shoal::of(self::shoal($sample('2026-03-02'), [[3, 80], [2, 140]]))->largestAt(104));
    }

    /**
     * @param  list<MeasuredLength>  $lengths
     * @param  list<array{int, int}>  $sizes  how many, millimetres, as seen on the first of March
     */
    private static function shoal(array $lengths, array $sizes = []): Fish
    {
        $arrived = LocalDate::fromIso('2026-01-01');
        $classes = array_map(fn (array $size): SizeClass => new SizeClass('', $size[0], Length::ofMillimetres($size[1])), $sizes);

        return new Fish(
            's', 'S', Example::of(), $arrived, [new Stay('home', $arrived)], $lengths, 12,
            makeup: Makeup::of(LocalDate::fromIso('2026-03-01'), 12, 0, 0, $classes),
        );
    }
}
