<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Water\Feeding;
use Biomegas\Water\NitrateLoad;
use PHPUnit\Framework\TestCase;

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
        $this->assertEqualsWithDelta(7 * 100 * 0.4 * 0.092 * 4.4267 * 1000, NitrateLoad::milligramsPerWeek(100), 50);
    }

    /** The steady state of formulas.md against a day-by-day simulation. */
    public function test_the_weekly_change_holds_the_target(): void
    {
        [$litres, $target, $tap] = [800.0, 50.0, 10.0];
        $perWeek = NitrateLoad::milligramsPerWeek(20);
        $share = NitrateLoad::weeklyChange($perWeek, $litres, $target, $tap);
        $level = $tap;
        $peak = 0.0;
        for ($week = 0; $week < 400; $week++) {
            $level += $perWeek / $litres;
            $peak = $level;
            $level = (1 - $share) * $level + $share * $tap;
        }

        $this->assertLessThan(1.0, $share);
        $this->assertEqualsWithDelta($target, $peak, 0.01);
    }
}
