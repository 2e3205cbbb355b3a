<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class LengthsAheadTest extends TestCase
{
    public function test_it_is_what_the_growth_says_on_its_days_between_them_in_a_line_and_read_back_as_it_was_kept(): void
    {
        $facility = Example::facility([Example::tank('home', 400, 160, 80)], [Example::fish(Example::of(), 'home', ['2026-12-01' => 160.0, '2027-02-20' => 200.0])]);
        $growth = (new FacilityGrowth($facility))->projectionOf($facility->fish['one']);
        $ahead = unserialize(serialize(LengthsAhead::of($facility, $growth)));
        $this->assertInstanceOf(LengthsAhead::class, $ahead);
        $on = fn (int $days): LocalDate => $facility->date->plusDays($days);

        foreach ([0, 30, 600] as $days) {
            $band = $growth->lengthOn($on($days));
            $this->assertSame([$band->low, $band->likely, $band->high], [$ahead->bandOn($on($days))->low, $ahead->on($on($days)), $ahead->bandOn($on($days))->high]);
        }
        $this->assertEqualsWithDelta(($ahead->on($on(30)) + $ahead->on($on(60))) / 2, $ahead->on($on(45)), 1e-9);
        $this->assertSame($ahead->on($on(0)), $ahead->on($on(-90)), 'before the first day as on it');
        $last = $on(30 * (int) ceil($facility->horizonDays / 30));
        $this->assertSame($ahead->on($last), $ahead->on($last->plusDays(500)), 'beyond the horizon as at its end');
    }
}
