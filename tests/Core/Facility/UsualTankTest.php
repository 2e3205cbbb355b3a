<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Facility\Shape\UsualTank;
use Biomegas\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Tanks as they are sold: common practice, no published source. */
final class UsualTankTest extends TestCase
{
    #[TestWith([UnitSystem::Us])]
    #[TestWith([UnitSystem::Metric])]
    #[TestWith([UnitSystem::Imperial])]
    public function test_each_holds_somewhat_less_than_it_is_sold_by(UnitSystem $units): void
    {
        $before = 0.0;
        foreach (UsualTank::soldIn($units) as $tank) {
            $share = $tank->box()->floorArea() * $tank->box()->depth() / 1e6 / $tank->litres;
            $this->assertGreaterThan(0.78, $share, "{$tank->litres} l");
            $this->assertLessThan(1.01, $share, "{$tank->litres} l");
            $this->assertGreaterThanOrEqual($before, $tank->litres, 'smallest first');
            $before = $tank->litres;
        }
    }

    public function test_the_sizes_are_those_of_the_trade(): void
    {
        $us = UsualTank::soldIn(UnitSystem::Us);
        $this->assertEqualsWithDelta([10 * 3.785411784, 240 * 3.785411784], [$us[0]->litres, $us[count($us) - 1]->litres], 1e-9);
        $tank = array_values(array_filter($us, fn (UsualTank $tank): bool => abs($tank->litres - 75 * 3.785411784) < 1e-9))[0];
        $this->assertEqualsWithDelta([48 * 25.4, 18 * 25.4, 21 * 25.4, 20 * 25.4], [$tank->length, $tank->width, $tank->height, $tank->depth], 1e-9);

        $metric = UsualTank::soldIn(UnitSystem::Metric);
        $this->assertSame([60.0, 1500.0], [$metric[0]->litres, $metric[count($metric) - 1]->litres]);
    }
}
