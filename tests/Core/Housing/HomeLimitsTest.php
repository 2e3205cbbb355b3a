<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Span;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Rule\TemperatureFit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\SizeRule;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class HomeLimitsTest extends TestCase
{
    public function test_names_the_dimension_that_binds(): void
    {
        $limit = Example::limitIn(Box::inside(1800, 600, 600), Example::of(SwimmingStyle::Cruising));
        $this->assertEqualsWithDelta(375.0, $limit->millimetres, 1e-9);
        $this->assertSame(SizeRule::SwimLength, $limit->binding);

        $limit = Example::limitIn(Box::inside(1800, 400, 600), Example::of(SwimmingStyle::Slow));
        $this->assertEqualsWithDelta(400 / 1.3, $limit->millimetres, 1e-9);
        $this->assertSame(SizeRule::TurningWidth, $limit->binding);
    }

    public function test_tall_bodies_need_depth(): void
    {
        $limit = Example::limitIn(Box::inside(3000, 1500, 450), Example::of(tallRatio: 1.8));

        $this->assertEqualsWithDelta(250.0, $limit->millimetres, 1e-9);
        $this->assertSame(SizeRule::Depth, $limit->binding);
    }

    public function test_a_ray_turns_on_twice_its_disc(): void
    {
        $limit = Example::limitIn(Box::inside(2000, 600, 500), Example::of(lengthKind: LengthKind::Disc));

        $this->assertEqualsWithDelta(300.0, $limit->millimetres, 1e-9);
    }

    public function test_a_swimmer_circles_a_round_vat(): void
    {
        $limit = Example::limitIn(Round::inside(2400, 900), Example::of(SwimmingStyle::Racing));

        $this->assertEqualsWithDelta(M_PI * 1200 / 7.5, $limit->millimetres, 1e-9);
    }

    public function test_the_roomiest_pool_of_a_system_counts(): void
    {
        $system = new System('two', 'Two', SystemKind::Tank, [new Pool('a', Box::inside(800, 400, 400)), new Pool('b', Box::inside(1650, 700, 400))]);

        $this->assertEqualsWithDelta(500.0, (new HomeLimits(new Rulebook))->limitIn($system, Example::of())->millimetres, 1e-9);
    }

    public function test_water_must_stay_in_the_keeping_range_all_year(): void
    {
        $tropical = Example::of(keep: new Span(22, 30));

        $this->assertSame(TemperatureFit::TooCold, TemperatureFit::of($tropical, Example::pond('pond'), new Rulebook));
        $this->assertSame(TemperatureFit::TooWarm, TemperatureFit::of($tropical, Example::tank('hot', 100, 50, celsius: 31), new Rulebook));
        $this->assertSame(TemperatureFit::Suits, TemperatureFit::of($tropical, Example::tank('warm', 100, 50, celsius: 26), new Rulebook));
        $this->assertSame(TemperatureFit::Suits, TemperatureFit::of(Example::of(), Example::pond('pond'), new Rulebook), 'unknown ranges are not held against a home');
    }
}
