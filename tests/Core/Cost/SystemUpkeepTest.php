<?php

declare(strict_types=1);

namespace Tests\Core\Cost;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\HeatLoss;
use Biomegas\Cost\RunningCost;
use Biomegas\Cost\SystemUpkeep;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\FeedingHabit;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Load\FedOccupant;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Sums by hand with the coefficients that the classes name. */
final class SystemUpkeepTest extends TestCase
{
    /** Q = U A ΔT: half a square metre of lid and one and a half of walls, all of 5.8 W/(m² K), seven kelvin: 81.2 W. */
    public function test_heat_goes_through_glass_and_surface(): void
    {
        $tank = $this->tank()->fittedWith(Fitting::Lid);
        $this->assertEqualsWithDelta(81.2, HeatLoss::watts($tank, 25.0, 18.0), 0.01);
        $this->assertSame(0.0, HeatLoss::watts($tank, 17.0, 18.0), 'cool water is not heated by the room at a price');
        $this->assertGreaterThan(HeatLoss::watts($tank, 25.0, 18.0), HeatLoss::watts($this->tank(), 25.0, 18.0), 'open water cools by evaporating too');
        $this->assertEqualsWithDelta(2.0, HeatLoss::watts($tank, 25.0, 18.0) / HeatLoss::watts($tank, 21.5, 18.0), 1e-9, 'in proportion to the difference');
    }

    /** 3600 l/h over 1.5 m at a quarter: 9.81 · 1 · 1.5 / 0.25 = 58.86 W, so 1.41264 kWh a day; 250 l in seven days at 5 a cubic metre. */
    public function test_a_pump_and_fresh_water_have_their_price(): void
    {
        $cool = $this->tank(18.0)->with(new Equipment(turnover: 3600.0, weeklyChange: 1.0));
        $cost = SystemUpkeep::perDay($cool, [], LocalDate::fromIso('2027-03-01'), new Rulebook(numbers: ['tap_celsius' => 18.0]));
        $this->assertEqualsWithDelta(1.41264 * 0.35, $cost->power, 1e-9);
        $this->assertEqualsWithDelta(0.25 / 7 * 5, $cost->water, 1e-9);
        $this->assertSame(0.0, $cost->food);
    }

    /** A litre takes 4.186 kJ for each kelvin: 250 l by 13 K in a week are 3.779 kWh, 0.5399 a day. */
    public function test_fresh_water_is_warmed(): void
    {
        $day = LocalDate::fromIso('2027-03-01');
        $at = fn (float $tap): float => SystemUpkeep::perDay($this->tank()->with(new Equipment(turnover: 1.0, weeklyChange: 1.0)), [], $day, new Rulebook(numbers: ['tap_celsius' => $tap, 'power_price_per_kwh' => 1.0]))->power;
        $this->assertEqualsWithDelta(250 * 13 * 4.186 / 3600 / 7, $at(12.0) - $at(25.0), 1e-9);
    }

    public function test_a_pond_by_the_seasons_is_not_heated(): void
    {
        $pond = Example::pond('pond')->with(new Equipment(turnover: 3600.0));
        $on = fn (string $day): float => SystemUpkeep::perDay($pond, [], LocalDate::fromIso($day), new Rulebook)->power;
        $this->assertSame($on('2027-01-15'), $on('2027-07-15'));
    }

    public function test_food_is_priced_by_what_is_fed_and_costs_add_up(): void
    {
        $fed = new FedOccupant(Example::of(), 300.0, 4, Ration::Steady);
        $rulebook = new Rulebook(numbers: ['food_price_per_kg' => 20.0]);
        $cost = SystemUpkeep::perDay($this->tank(), [$fed], LocalDate::fromIso('2027-03-01'), $rulebook);
        $this->assertEqualsWithDelta(0.02 * $fed->feed(25.0, $rulebook), $cost->food, 1e-9);
        $this->assertEquals(new RunningCost(3.0, 6.0, 9.0), (new RunningCost(1.0, 2.0, 3.0))->plus(new RunningCost(2.0, 4.0, 6.0)));
        $this->assertSame(12.0, (new RunningCost(1.0, 2.0, 3.0))->times(2.0)->whole());
    }

    /**
     * A pane between still air on either side after EN 673: 1/25 outside, 4 mm of
     * glass at 1.0 W/(m K), 1/7.7 inside give 5.75 W/(m² K). The same sum of
     * resistances gives the 266 W of a textbook window: 0.8 by 1.5 m, 8 mm at
     * 0.78 W/(m K), 10 and 40 W/(m² K) on its sides, 30 K (Çengel, Heat and Mass
     * Transfer, example 3-2). Both named from memory.
     */
    public function test_glass_lets_through_what_the_standard_says(): void
    {
        $through = fn (float ...$resistances): float => 1 / array_sum($resistances);
        $this->assertEqualsWithDelta(266.0, 0.8 * 1.5 * 30 * $through(1 / 10, 0.008 / 0.78, 1 / 40), 0.5);
        $tank = $this->tank()->fittedWith(Fitting::Lid);
        $perSquareMetre = HeatLoss::watts($tank, 19.0, 18.0) / 2.0;
        $this->assertEqualsWithDelta($through(1 / 25, 0.004 / 1.0, 1 / 7.7), $perSquareMetre, 0.06);
    }

    /** A square half metre of water under 60 W a square metre for ten hours: 300 Wh. */
    public function test_lights_have_their_price_where_it_is_known_when_they_are_on(): void
    {
        $day = LocalDate::fromIso('2027-03-01');
        $cost = fn (?LightSchedule $light): float => SystemUpkeep::perDay($this->tank(18.0)->with(new Equipment(turnover: 1.0, light: $light)), [], $day, new Rulebook(numbers: ['tap_celsius' => 18.0, 'power_price_per_kwh' => 1.0]))->power;
        $this->assertEqualsWithDelta(0.3, $cost(LightSchedule::of('09:00', null, '19:00', false)) - $cost(null), 1e-9);
    }

    public function test_what_was_fed_and_its_price_count_not_what_the_book_says(): void
    {
        $fed = new FedOccupant(Example::of(), 300.0, 4, Ration::Steady);
        $day = LocalDate::fromIso('2027-03-01');
        $book = SystemUpkeep::perDay($this->tank(), [$fed], $day, new Rulebook);
        $overfed = SystemUpkeep::perDay($this->tank()->fed(new FeedingHabit(1.8, 0.4, 24.0)), [$fed], $day, new Rulebook);
        $this->assertEqualsWithDelta(1.8 * 2 * $book->food, $overfed->food, 1e-9, '1.8 times as much, at 24 in place of 12');
    }

    /** A metre by half by half, 250 l. */
    private function tank(float $celsius = 25.0): System
    {
        return System::ofOnePool('tank', 'Tank', SystemKind::Tank, Box::inside(1000, 500, 500), WaterTemperature::heldAt($celsius));
    }
}
