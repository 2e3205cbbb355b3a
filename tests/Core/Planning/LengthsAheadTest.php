<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Growth\FacilityGrowth;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class LengthsAheadTest extends TestCase
{
    public function test_follows_the_projection_and_stands_at_its_end(): void
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-06-01' => 120, '2027-02-01' => 210]);
        $facility = Example::facility([Example::tank('home', 300, 120)], [$fish]);
        $growth = (new FacilityGrowth($facility))->projectionOf($fish);
        $ahead = LengthsAhead::of($facility, $growth);

        foreach ([0, 14, 45, 200, 700] as $days) {
            $day = $facility->date->plusDays($days);
            $this->assertEqualsWithDelta($growth->lengthOn($day)->likely, $ahead->on($day), 0.5);
        }
        $this->assertSame($ahead->on($facility->horizon()->plusDays(40)), $ahead->on($facility->horizon()->plusDays(4000)));
    }
}
