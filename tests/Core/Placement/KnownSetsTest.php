<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use Biomegas\Placement\Cell;
use Biomegas\Placement\KnownSets;
use PHPUnit\Framework\TestCase;

/** Two systems, four periods, three units; 0 and 1 quarrel at a cost of 2, 1 and 2 may not meet. */
final class KnownSetsTest extends TestCase
{
    private const PERIODS = 4;

    private const TOGETHER = [0 => [1 => 2.0], 1 => [0 => 2.0, 2 => INF], 2 => [1 => INF]];

    public function test_a_set_is_offered_around_its_period_and_in_its_system_alone(): void
    {
        $known = $this->known();
        $known->keep(0, [0, 1]);

        $this->assertSame([true, true, true, false], array_map($known->hasAny(...), [0, 1, 2, 3]));
        $this->assertFalse($known->hasAny(self::PERIODS));
    }

    public function test_the_best_set_is_the_one_worth_most_at_the_gains_given(): void
    {
        $known = $this->known();
        $known->keep(0, [0, 1]);
        $known->keep(0, [0]);
        $everybody = [true, true, true];

        $this->assertSame([-5.0, [0, 1], 2.0], $known->best(0, $this->gains(3.0, 4.0, 0.0), $everybody));
        $this->assertSame([-3.0, [0], 0.0], $known->best(0, $this->gains(3.0, 1.0, 0.0), $everybody));
        $this->assertSame([0.0, [], 0.0], $known->best(0, $this->gains(-1.0, 0.0, 0.0), $everybody));
    }

    public function test_nobody_comes_who_may_not_be_there(): void
    {
        $known = $this->known();
        $known->keep(0, [0, 1]);
        $known->keep(0, [0]);

        $this->assertSame([-3.0, [0], 0.0], $known->best(0, $this->gains(3.0, 40.0, 0.0), [0 => true, 2 => true]));
    }

    public function test_units_that_may_not_meet_are_no_set(): void
    {
        $known = $this->known();
        $known->keep(0, [1, 2]);

        $this->assertFalse($known->hasAny(0));
    }

    private function known(): KnownSets
    {
        return new KnownSets(array_fill(0, 2 * self::PERIODS, new Cell([[1.0, 1.0, 1.0]], [9.0], [1.0], self::TOGETHER)), self::PERIODS);
    }

    /** @return list<array<int, float>> by unit and cell */
    private function gains(float ...$gains): array
    {
        return array_map(fn (float $gain): array => array_fill(0, 2 * self::PERIODS, $gain), array_values($gains));
    }
}
