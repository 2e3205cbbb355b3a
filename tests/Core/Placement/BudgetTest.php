<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use Biomegas\Placement\Budget;
use PHPUnit\Framework\TestCase;

final class BudgetTest extends TestCase
{
    public function test_the_whole_of_it_can_begin_anew_and_a_part_ends_with_it(): void
    {
        $now = 7.0;
        $told = [];
        $budget = new Budget(10.0, function () use (&$now): float {
            return $now;
        }, function (string $what) use (&$told): void {
            $told[] = $what;
        });
        [$anew, $part] = [$budget->fromNow(), $budget->part(5.0)];
        $now = 9.9;
        $this->assertSame([true, false, false], [$budget->isSpent(0.9), $anew->isSpent(0.3), $part->isSpent()]);
        $now = 10.0;
        $this->assertSame([true, true, false], [$budget->isSpent(), $anew->isSpent(0.3), $anew->isSpent(0.31)]);
        $this->assertTrue($part->isSpent(), 'there were three seconds left');
        $anew->tell('anew', 1.0, 0.0);
        $part->tell('part', 1.0, 0.0);
        $this->assertSame(['anew'], $told);
    }

    /** A clock that was stopped stands at infinity. */
    public function test_what_begins_after_it_was_stopped_is_over(): void
    {
        $stopped = new Budget(10.0, fn (): float => INF);
        foreach ([$stopped, $stopped->fromNow(), $stopped->part(5.0), $stopped->fromNow()->part(5.0)] as $budget) {
            $this->assertSame([true, true], [$budget->isSpent(), $budget->isSpent(0.05)]);
            $this->assertGreaterThanOrEqual(1.0, $budget->passedSince($budget->elapsed(), 0.5));
        }
    }
}
