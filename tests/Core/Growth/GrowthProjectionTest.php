<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CurveName;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LateMeans;
use Biomegas\Numerics\WeightedQuantiles;
use Biomegas\Rulebook\Method;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class GrowthProjectionTest extends TestCase
{
    private const STEADY_GROWTH = ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260];

    public function test_band_holds_the_measured_lengths_and_widens_ahead(): void
    {
        $growth = $this->project(self::STEADY_GROWTH);
        $now = $growth->lengthOn(LocalDate::fromIso('2027-03-01'));
        $later = $growth->lengthOn(LocalDate::fromIso('2029-03-01'));

        $this->assertGreaterThan(265, $now->likely);
        $this->assertLessThan(300, $now->likely);
        $this->assertGreaterThan($now->high - $now->low, $later->high - $later->low);
        foreach (self::STEADY_GROWTH as $day => $mm) {
            $this->assertEqualsWithDelta($mm, $growth->lengthOn(LocalDate::fromIso($day))->likely, 0.05 * $mm);
        }
    }

    public function test_more_lengths_narrow_the_adult_size(): void
    {
        $single = $this->project(array_slice(self::STEADY_GROWTH, 0, 1))->adultLength();
        $all = $this->project(self::STEADY_GROWTH)->adultLength();

        $this->assertLessThan($single->high - $single->low, $all->high - $all->low);
    }

    public function test_same_input_gives_the_same_dates(): void
    {
        $this->assertEquals($this->window(self::STEADY_GROWTH, 400), $this->window(self::STEADY_GROWTH, 400));
    }

    public function test_outgrow_window_is_in_order_and_moves_with_the_limit(): void
    {
        $near = $this->window(self::STEADY_GROWTH, 330);
        $far = $this->window(self::STEADY_GROWTH, 400);

        $this->assertTrue($near->early?->isBefore($near->likely ?? LocalDate::fromIso('1990-01-01')));
        $this->assertTrue($near->likely?->isBefore($near->late ?? LocalDate::fromIso('1990-01-01')));
        $this->assertTrue($near->likely?->isBefore($far->likely ?? LocalDate::fromIso('2199-01-01')));
        $this->assertGreaterThanOrEqual($far->probability, $near->probability);
    }

    /** @param  array<string, float>  $lengths */
    #[DataProvider('histories')]
    public function test_when_a_length_is_reached_is_what_the_draw_that_decides_says(array $lengths): void
    {
        $growth = $this->project($lengths)->leading();
        $horizon = 1095 / LocalDate::DAYS_PER_YEAR;
        $asked = 0;
        for ($limit = 50.0; $limit < 900; $limit *= 1.07) {
            $ofAll = WeightedQuantiles::of($growth->timesUntil($limit), $growth->draws->weight);
            foreach ([0.02, 0.1, 0.5, 0.9] as $share) {
                $time = $ofAll->at($share);
                $reached = $growth->timeReaching($limit, $share);
                if ($time <= $horizon) {
                    $this->assertSame($time, $reached, "{$limit} mm by {$share}");
                } else {
                    $this->assertGreaterThan($horizon, $reached, "{$limit} mm by {$share}: not within the horizon");
                }
                $asked += $time > 0.0 && $time < $horizon ? 1 : 0;
            }
        }
        $this->assertGreaterThan(20, $asked, 'some lie between now and the horizon');
    }

    /** @return array<string, array{array<string, float>}> */
    public static function histories(): array
    {
        return ['never measured' => [[]], 'measured once' => [['2026-04-12' => 142]], 'measured often' => [self::STEADY_GROWTH]];
    }

    public function test_a_home_that_is_outgrown_already_says_today(): void
    {
        $window = $this->window(self::STEADY_GROWTH, 200);

        $this->assertSame('2027-03-01', $window->late?->toIso());
        $this->assertEqualsWithDelta(1.0, $window->probability, 1e-9);
    }

    public function test_says_why_there_is_no_latest_date(): void
    {
        $this->assertSame(LateMeans::StaysBelow, $this->window(self::STEADY_GROWTH, 900)->lateMeans);
        $this->assertSame(0.0, $this->window(self::STEADY_GROWTH, 5000)->probability);
        $short = (new FacilityGrowth(Example::facility([Example::tank('home', 500, 200)], [$fish = Example::fish(Example::of(), 'home', self::STEADY_GROWTH)], horizonDays: 30)))->projectionOf($fish);
        $this->assertSame(LateMeans::NotWithinHorizon, $short->outgrows(fn (): float => 350, Example::tank('home', 500, 200))->lateMeans);
    }

    public function test_a_slip_of_the_unit_is_flagged_and_hardly_counts(): void
    {
        $clean = $this->project(self::STEADY_GROWTH);
        $slipped = $this->project([...self::STEADY_GROWTH, '2026-06-10' => 178 * 2.54]);

        $this->assertSame([], $clean->flagged());
        $this->assertSame(['2026-06-10'], array_map(fn (LocalDate $day): string => $day->toIso(), $slipped->flagged()));
        $this->assertEqualsWithDelta($clean->adultLength()->likely, $slipped->adultLength()->likely, 40);
    }

    public function test_of_two_lengths_that_do_not_fit_both_are_flagged(): void
    {
        $this->assertCount(2, $this->project(['2026-01-10' => 82, '2026-02-10' => 480])->flagged());
    }

    public function test_a_pond_fish_outgrows_nothing_in_winter(): void
    {
        $fish = Example::fish(Example::ofPond(), 'pond', ['2026-06-01' => 120, '2026-09-01' => 180]);
        $growth = (new FacilityGrowth(Example::facility([$pond = Example::pond('pond')], [$fish], '2026-12-01')))->projectionOf($fish);

        foreach ([220, 240, 260, 300] as $limit) {
            $window = $growth->outgrows(fn (): float => $limit, $pond);
            foreach ([$window->early, $window->likely, $window->late] as $day) {
                $this->assertNotContains(substr((string) $day?->toIso(), 5, 2), ['12', '01', '02'], "limit {$limit}");
            }
        }
    }

    public function test_always_answers_with_honest_width(): void
    {
        $cases = [
            'never measured' => [],
            'one length' => ['2026-01-10' => 82],
            'all the same' => ['2026-01-10' => 200, '2026-05-10' => 200, '2026-09-10' => 200],
            'above adult size' => ['2026-01-10' => 887, '2026-09-10' => 890],
            'shrinking' => ['2026-01-10' => 300, '2026-09-10' => 150],
            'tiny' => ['2026-01-10' => 3],
            'huge' => ['2026-01-10' => 5900],
        ];
        foreach ($cases as $case => $lengths) {
            foreach (CurveName::cases() as $curve) {
                $fish = Example::fish(Example::of(curve: $curve), 'home', $lengths);
                $growth = (new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish])))->projectionOf($fish);
                $band = $growth->lengthOn(LocalDate::fromIso('2028-03-01'));
                $this->assertTrue(is_finite($band->low) && is_finite($band->high) && $band->low > 0 && $band->low <= $band->likely && $band->likely <= $band->high, "{$case}, {$curve->value}");
            }
        }
    }

    public function test_pace_needs_two_lengths_and_tells_quick_from_slow(): void
    {
        $this->assertNull($this->project(['2026-01-10' => 82])->pace());
        $quick = $this->project(['2026-01-10' => 82, '2026-09-10' => 280])->pace();
        $slow = $this->project(['2026-01-10' => 82, '2026-09-10' => 150])->pace();

        $this->assertGreaterThan(80, $quick);
        $this->assertLessThan(10, $slow);
    }

    /** @param  array<string, float>  $lengths */
    private function project(array $lengths): GrowthProjection
    {
        $fish = Example::fish(Example::of(), 'home', $lengths, method: Method::Picture);

        return (new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish])))->projectionOf($fish);
    }

    /** @param  array<string, float>  $lengths */
    private function window(array $lengths, float $limit): \Biomegas\Growth\Projection\OutgrowWindow
    {
        return $this->project($lengths)->outgrows(fn (): float => $limit, Example::tank('home', 120, 50));
    }
}
