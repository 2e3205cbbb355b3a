<?php

declare(strict_types=1);

namespace Tests\Core\Numerics;

use Biomegas\Numerics\QuantileMix;
use PHPUnit\Framework\TestCase;

/** Mixtures whose quantiles can be written down. */
final class QuantileMixTest extends TestCase
{
    private const LEVELS = [0.1, 0.5, 0.9];

    public function test_of_one_part_is_that_part(): void
    {
        $this->assertEqualsWithDelta(20.0, QuantileMix::at(0.5, self::LEVELS, [[1.0, [10.0, 20.0, 40.0]]]), 1e-9);
        $this->assertEqualsWithDelta(30.0, QuantileMix::at(0.7, self::LEVELS, [[1.0, [10.0, 20.0, 40.0]]]), 1e-9);
    }

    public function test_of_two_like_parts_is_either(): void
    {
        $part = [10.0, 20.0, 40.0];

        $this->assertEqualsWithDelta(QuantileMix::at(0.7, self::LEVELS, [[1.0, $part]]), QuantileMix::at(0.7, self::LEVELS, [[0.3, $part], [0.7, $part]]), 1e-9);
    }

    public function test_of_two_parts_that_do_not_overlap_lies_in_the_one_its_share_falls_in(): void
    {
        // Three quarters lie about 20, a quarter about 200.
        $parts = [[0.75, [10.0, 20.0, 30.0]], [0.25, [190.0, 200.0, 210.0]]];

        $this->assertEqualsWithDelta(20.0, QuantileMix::at(0.375, self::LEVELS, $parts), 1e-9);
        $this->assertEqualsWithDelta(200.0, QuantileMix::at(0.875, self::LEVELS, $parts), 1e-9);
    }

    public function test_never_falls_as_the_share_rises_and_keeps_to_the_outer_quantiles(): void
    {
        $parts = [[0.2, [5.0, 6.0, 9.0]], [0.5, [4.0, 8.0, 8.5]], [0.3, [7.0, 7.0, 12.0]]];
        $before = 4.0;
        foreach (range(1, 99) as $percent) {
            $at = QuantileMix::at($percent / 100, self::LEVELS, $parts);
            $this->assertGreaterThanOrEqual($before - 1e-9, $at);
            $before = $at;
        }
        $this->assertLessThanOrEqual(12.0, $before);
    }
}
