<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Facility\Shape\Bow;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\LShape;
use Biomegas\Facility\Shape\Outline;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Shape\Shape;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class ShapeTest extends TestCase
{
    /** Areas against their closed forms: rectangle, circle, circular segment, shoelace. */
    #[DataProvider('shapes')]
    public function test_sizes(Shape $shape, float $run, float $turn, float $depth, float $floor): void
    {
        $this->assertEqualsWithDelta($run, $shape->swimLength(), 1e-6 * $run);
        $this->assertEqualsWithDelta($turn, $shape->turningWidth(), 1e-6 * $turn);
        $this->assertSame($depth, $shape->depth());
        $this->assertEqualsWithDelta($floor, $shape->floorArea(), 1e-6 * $floor);
    }

    /** @return iterable<string, array{Shape, float, float, float, float}> */
    public static function shapes(): iterable
    {
        yield 'box inside' => [Box::inside(1800, 600, 600), 1800, 600, 600.0, 1080000];
        yield 'box outside' => [Box::outside(1200, 460, 500, 10), 1180, 440, 490.0, 519200];
        yield 'box the long way back' => [Box::inside(600, 1800, 600), 1800, 600, 600.0, 1080000];
        yield 'round' => [Round::inside(2000, 900), M_PI * 1000, 2000, 900.0, M_PI * 1e6];
        yield 'round outside' => [Round::outside(2020, 910, 10), M_PI * 1000, 2000, 900.0, M_PI * 1e6];
        yield 'l, first leg longer' => [LShape::inside(2000, 600, 900, 500, 600), 2000, 600, 600.0, 1650000];
        yield 'l, second leg longer' => [LShape::inside(900, 600, 2000, 500, 600), 2000, 500, 600.0, 1540000];
        yield 'bow' => [Bow::inside(1200, 450, 600, 500), 1200, 1050, 500.0, 540000 + M_PI * 600 ** 2 / 2];
        yield 'rectangular pond' => [Outline::inside([[0, 0], [6000, 0], [6000, 3500], [0, 3500]], 1300), 6000, 3500, 1300.0, 21e6];
        yield 'turned rectangle' => [Outline::inside([[0, 0], [4000, 3000], [2500, 5000], [-1500, 2000]], 1000), 5000, 2500, 1000.0, 12.5e6];
        yield 'angled pond' => [Outline::inside([[0, 0], [5000, 0], [5000, 1500], [2000, 1500], [2000, 4000], [0, 4000]], 1000), 5000, 1500, 1000.0, 12.5e6];
    }

    public function test_every_outline_encloses_the_floor(): void
    {
        foreach (self::shapes() as $name => [$shape, , , , $floor]) {
            $twice = 0.0;
            $corners = $shape->outline();
            foreach ($corners as $i => [$x, $y]) {
                [$nextX, $nextY] = $corners[($i + 1) % count($corners)];
                $twice += $x * $nextY - $nextX * $y;
                $this->assertGreaterThanOrEqual(-1e-6, min($x, $y), $name);
            }
            $this->assertEqualsWithDelta($floor, abs($twice) / 2, 0.005 * $floor, $name);
        }
    }

    /** @param  callable(): Shape  $make */
    #[DataProvider('impossible')]
    public function test_refuses_what_cannot_be(callable $make, string $sentence): void
    {
        $this->assertStringContainsString($sentence, Said::refusing($make(...)));
    }

    /** @return iterable<array{callable(): Shape, string}> */
    public static function impossible(): iterable
    {
        yield [fn () => Box::outside(100, 20, 50, 10), 'leave no room'];
        yield [fn () => Round::inside(0, 50), 'leave no room'];
        yield [fn () => Outline::inside([[0, 0], [4000, 3000], [4000, 0], [0, 2000]], 1000), 'crosses itself'];
        yield [fn () => Outline::inside([[0, 0], [1000, 0], [2000, 0]], 1000), 'do not lie on one line'];
        yield [fn () => Outline::inside([[0, 0], [1000, 0]], 1000), 'at least three corners'];
    }
}
