<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Rulebook;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Span;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\HomeLimits;
use Biomegas\Housing\SizeRule;
use Biomegas\Housing\TemperatureFit;
use PHPUnit\Framework\TestCase;
use Tests\Core\Kinds;

final class HomeLimitsTest extends TestCase
{
    public function test_names_the_dimension_that_binds(): void
    {
        $limit = Kinds::limitIn(Box::inside(1800, 600, 600), Kinds::of(SwimmingStyle::Cruising));
        $this->assertEqualsWithDelta(375.0, $limit->millimetres, 1e-9);
        $this->assertSame(SizeRule::SwimLength, $limit->binding);

        $limit = Kinds::limitIn(Box::inside(1800, 400, 600), Kinds::of(SwimmingStyle::Slow));
        $this->assertEqualsWithDelta(400 / 1.3, $limit->millimetres, 1e-9);
        $this->assertSame('too long to turn', $limit->binding->reason());
    }

    public function test_tall_bodies_need_depth(): void
    {
        $limit = Kinds::limitIn(Box::inside(3000, 1500, 450), Kinds::of(tallRatio: 1.8));

        $this->assertEqualsWithDelta(250.0, $limit->millimetres, 1e-9);
        $this->assertSame(SizeRule::Depth, $limit->binding);
    }

    public function test_a_ray_turns_on_twice_its_disc(): void
    {
        $limit = Kinds::limitIn(Box::inside(2000, 600, 500), Kinds::of(lengthKind: LengthKind::Disc));

        $this->assertEqualsWithDelta(300.0, $limit->millimetres, 1e-9);
    }

    public function test_a_swimmer_circles_a_round_vat(): void
    {
        $limit = Kinds::limitIn(Round::inside(2400, 900), Kinds::of(SwimmingStyle::Racing));

        $this->assertEqualsWithDelta(M_PI * 1200 / 7.5, $limit->millimetres, 1e-9);
    }

    public function test_the_roomiest_pool_of_a_system_counts(): void
    {
        $system = new System('two', 'Two', SystemKind::Tank, [new Pool('a', Box::inside(800, 400, 400)), new Pool('b', Box::inside(1650, 700, 400))]);

        $this->assertEqualsWithDelta(500.0, (new HomeLimits(new Rulebook))->limitIn($system, Kinds::of())->millimetres, 1e-9);
    }

    public function test_water_must_stay_in_the_keeping_range_all_year(): void
    {
        $tropical = Kinds::of(keep: new Span(22, 30));

        $this->assertSame(TemperatureFit::TooCold, TemperatureFit::of($tropical, Kinds::pond('pond')));
        $this->assertSame(TemperatureFit::TooWarm, TemperatureFit::of($tropical, Kinds::tank('hot', 100, 50, celsius: 31)));
        $this->assertSame(TemperatureFit::Suits, TemperatureFit::of($tropical, Kinds::tank('warm', 100, 50, celsius: 26)));
        $this->assertSame(TemperatureFit::Suits, TemperatureFit::of(Kinds::of(), Kinds::pond('pond')), 'unknown ranges are not held against a home');
    }
}
