<?php

declare(strict_types=1);

namespace Tests\Core\Cost;

use Biomegas\Cost\FishShare;
use Biomegas\Cost\RunningCost;
use PHPUnit\Framework\TestCase;

final class FishShareTest extends TestCase
{
    public function test_parts_make_up_the_whole(): void
    {
        $parts = FishShare::of(new RunningCost(40.0, 8.0, 120.0), ['moss' => 3.0, 'reed' => 1.0]);
        $this->assertEquals(new RunningCost(30.0, 6.0, 90.0), $parts['moss']);
        $this->assertEquals(new RunningCost(40.0, 8.0, 120.0), $parts['moss']->plus($parts['reed']));
    }

    public function test_where_nobody_eats_all_bear_alike(): void
    {
        $this->assertEquals(['a' => new RunningCost(0.0, 2.0, 5.0), 'b' => new RunningCost(0.0, 2.0, 5.0)], FishShare::of(new RunningCost(0.0, 4.0, 10.0), ['a' => 0.0, 'b' => 0.0]));
    }
}
