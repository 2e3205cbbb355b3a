<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use Biomegas\Picture\Point;
use Biomegas\Picture\RefractiveIndex;
use Biomegas\Picture\Sight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where behind a pane a point of a picture lies. */
final class SightTest extends TestCase
{
    private const WATER = 1.333;

    /**
     * Refractive index of water against air at 589.26 nm: the values tabulated
     * in handbooks (CRC Handbook of Chemistry and Physics, section 10), which
     * agree with the IAPWS release of 1997 to the fourth decimal. From memory.
     *
     * @return list<array{float, float}>
     */
    public static function waterIndices(): array
    {
        return [[0.0, 1.33395], [10.0, 1.33369], [20.0, 1.33299], [25.0, 1.33250], [30.0, 1.33192]];
    }

    #[DataProvider('waterIndices')]
    public function test_water_bends_light_as_the_tables_say(float $celsius, float $index): void
    {
        $this->assertEqualsWithDelta($index, RefractiveIndex::ofWater($celsius), 5e-5);
    }

    public function test_salt_makes_it_bend_more(): void
    {
        // Sea water of 35 ppt at 20 °C: 1.3394 (Quan and Fry 1995 fit the measurements of Austin and Halikas 1976). From memory.
        $this->assertEqualsWithDelta(1.3394, RefractiveIndex::ofWater(20.0, 35.0), 2e-4);
    }

    public function test_the_closed_form_is_what_rays_do(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1_000_000) / 1_000_000;
        for ($pose = 0; $pose < 200; $pose++) {
            [$distance, $glass, $depth, $scale] = [$between(300, 3000), $between(4, 25), $between(0, 900), $between(0.2, 1.0)];
            $foot = new Point($between(1500, 2500), $between(1000, 2000));
            // A bent fish in a plane before the wall, anywhere the pane shows it.
            $fish = [[$between(-400, 400), $between(-300, 300)]];
            $turn = $between(0, 2 * M_PI);
            for ($joint = 0; $joint < 5; $joint++) {
                $turn += $between(-0.4, 0.4);
                [$x, $y] = $fish[count($fish) - 1];
                $fish[] = [$x + 60 * cos($turn), $y + 60 * sin($turn)];
            }
            $line = array_map(fn (array $at): Point => self::seen($at, $distance, $glass, $depth, $foot, $scale), $fish);
            $read = (new Sight($foot, $scale, $distance, $glass, self::WATER))->lengthOf($line, $depth);

            $this->assertEqualsWithDelta(300.0, $read, 0.3, "D {$distance}, t {$glass}, d {$depth}");
        }
    }

    public function test_far_away_it_is_the_paraxial_form(): void
    {
        foreach ([[20_000.0, 50.0], [20_000.0, 400.0]] as [$distance, $depth]) {
            $sight = new Sight(new Point(0, 0), 1.0, $distance, 12.0, self::WATER);
            $paraxial = 1 + (12.0 / RefractiveIndex::GLASS + $depth / self::WATER) / $distance;

            $this->assertEqualsWithDelta($paraxial, $sight->lengthOf([new Point(-5, 0), new Point(5, 0)], $depth) / 10, 1e-6);
        }
    }

    /**
     * How much the paraxial form misses, of centred fish: worked examples of the domain's practitioners,
     * rounded up as it seems. The exact form here, which rays confirm, finds between half of that and all of it.
     *
     * @return list<array{float, float, float, float}> distance, depth, length of the fish, per cent
     */
    public static function workedExamples(): array
    {
        return [[500, 50, 100, 0.02], [800, 200, 300, 0.13], [1500, 400, 800, 0.26], [600, 300, 500, 1.0]];
    }

    #[DataProvider('workedExamples')]
    public function test_off_the_axis_the_paraxial_form_misses(float $distance, float $depth, float $length, float $perCent): void
    {
        $sight = new Sight(new Point(0, 0), 1.0, $distance, 10.0, self::WATER);
        $paraxial = 1 + (10.0 / RefractiveIndex::GLASS + $depth / self::WATER) / $distance;
        $onPane = $length / $paraxial / 2;
        $exact = $sight->lengthOf([new Point(-$onPane, 0), new Point($onPane, 0)], $depth);

        $missed = 100 * abs($exact / $length - 1);
        $this->assertGreaterThan(0.5 * $perCent, $missed);
        $this->assertLessThan($perCent, $missed);
    }

    public function test_the_scale_of_a_rim_is_brought_down_to_the_water(): void
    {
        // Two metres above the water, its rim 20 cm above it: what is 1 mm on the rim is 1/0.9 mm on the water.
        $sight = Sight::fromAbove(new Point(0, 0), 1.0, 2000.0, 200.0, self::WATER);

        $this->assertEqualsWithDelta(100 / 0.9, $sight->lengthOf([new Point(-50, 0), new Point(50, 0)], 0.0), 1e-9);
    }

    public function test_the_distance_is_found_from_something_of_known_size_farther_back(): void
    {
        $sight = new Sight(new Point(2000, 1500), 0.4, 1234.0, 10.0, self::WATER);
        $line = [new Point(900, 1400), new Point(3000, 1500)];

        $this->assertEqualsWithDelta(1234.0, $sight->at(500.0)->distanceAtWhich($line, 600.0, $sight->lengthOf($line, 600.0)), 0.01);
        $this->assertNull($sight->distanceAtWhich($line, 600.0, 1.0));
    }

    public function test_the_depth_is_found_from_two_distances(): void
    {
        [$near, $far] = [new Sight(new Point(2000, 1500), 0.2, 600.0, 10.0, self::WATER), new Sight(new Point(2000, 1500), 0.5, 1800.0, 10.0, self::WATER)];
        $seen = fn (float $distance, float $scale): array => array_map(fn (array $at): Point => self::seen($at, $distance, 10.0, 320.0, new Point(2000, 1500), $scale), [[-150, 20], [0, 40], [150, 20]]);

        $this->assertEqualsWithDelta(320.0, $near->depthAtWhich($seen(600.0, 0.2), $far, $seen(1800.0, 0.5), 700.0), 0.5);
        $this->assertNull($near->depthAtWhich($seen(600.0, 0.2), $far, $seen(1800.0, 0.5), 100.0));
    }

    /**
     * The pixel in which a camera sees a point behind the pane: a ray is bent at
     * both faces by Snell's law in its vector form, and turned until it hits.
     *
     * @param  array{float, float}  $at  millimetres from the foot
     */
    private static function seen(array $at, float $distance, float $glass, float $depth, Point $foot, float $scale): Point
    {
        $target = hypot(...$at);
        [$low, $high] = [0.0, M_PI / 2 - 1e-9];
        for ($i = 0; $i < 80; $i++) {
            $angle = ($low + $high) / 2;
            $ray = [sin($angle), cos($angle)];
            $reached = $distance * $ray[0] / $ray[1];
            foreach ([[$glass, 1.0, RefractiveIndex::GLASS], [$depth, RefractiveIndex::GLASS, self::WATER]] as [$thick, $from, $into]) {
                $ray = self::bent($ray, $from / $into);
                $reached += $thick * $ray[0] / $ray[1];
            }
            [$low, $high] = $reached < $target ? [$angle, $high] : [$low, $angle];
        }
        $onPane = $distance * tan($low);

        return $target === 0.0 ? $foot : $foot->moved($onPane * $at[0] / $target / $scale, $onPane * $at[1] / $target / $scale);
    }

    /**
     * @param  array{float, float}  $ray  across and into the pane, of length 1
     * @return array{float, float}
     */
    private static function bent(array $ray, float $ratio): array
    {
        $into = sqrt(1 - $ratio ** 2 * (1 - $ray[1] ** 2));

        return [$ratio * $ray[0], $ratio * $ray[1] + ($into - $ratio * $ray[1])];
    }
}
