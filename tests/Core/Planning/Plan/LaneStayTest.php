<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\Plan\LanePoint;
use Biomegas\Planning\Plan\LaneStay;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class LaneStayTest extends TestCase
{
    public function test_its_points_are_what_they_were_also_after_it_was_kept(): void
    {
        $from = LocalDate::fromIso('2027-03-13');
        $points = [
            new LanePoint($from, 0.41, 0.5, 0.625, 231.7),
            new LanePoint($from->plusDays(28), 0.1 + 0.2, 1 / 3, 0.7, 240.05),
            new LanePoint($from->plusDays(731), 1.0, 1.25, 2.5, 1e3 / 3),
        ];
        $stay = LaneStay::of(Example::fish(Example::of(), 'porch', [], key: 'perch'), 'porch', $from, null, $points);

        $told = [[3, 0.41, 0.5, 0.625, 231.7], [31, 0.1 + 0.2, 1 / 3, 0.7, 240.05], [734, 1.0, 1.25, 2.5, 1e3 / 3]];
        $this->assertSame($told, $stay->pointsSince($from->plusDays(-3)));
        $this->assertEquals($stay, unserialize(serialize($stay)));
        $this->assertSame($told, unserialize(serialize($stay))->pointsSince($from->plusDays(-3)));
        $this->assertSame(['perch', 1, 'porch'], [$stay->fish, $stay->count, $stay->system]);
    }

    public function test_a_point_before_its_beginning_keeps_its_day(): void
    {
        $from = LocalDate::fromIso('2027-03-13');
        $stay = LaneStay::of(Example::fish(Example::of(), 'porch', [], key: 'perch'), 'porch', $from, $from->plusDays(1), [new LanePoint($from->plusDays(-3), 0.1, 0.2, 0.3, 80.0)]);

        $this->assertSame(-3, $stay->pointsSince($from)[0][0]);
    }
}
