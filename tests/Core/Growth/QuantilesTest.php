<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Numerics\MonotoneCubic;
use Biomegas\Numerics\WeightedQuantiles;
use PHPUnit\Framework\TestCase;

final class QuantilesTest extends TestCase
{
    public function test_a_quantile_is_always_a_value_of_the_sample(): void
    {
        $sample = WeightedQuantiles::of([30.0, 10.0, 20.0, 40.0], [0.25, 0.25, 0.25, 0.25]);

        $this->assertSame(10.0, $sample->at(0.1));
        $this->assertSame(20.0, $sample->at(0.5));
        $this->assertSame(40.0, $sample->at(1.0));
        $this->assertEqualsWithDelta(0.5, $sample->shareFrom(25.0), 1e-12);
        $this->assertEqualsWithDelta(0.75, $sample->shareFrom(20.0), 1e-12);
        $this->assertSame(0.0, $sample->shareFrom(41.0));
        $this->assertEqualsWithDelta(0.5, $sample->shareUpTo(20.0), 1e-12);
        $this->assertSame(0.0, $sample->shareUpTo(9.0));
        $this->assertSame(1.0, $sample->shareUpTo(41.0));
    }

    public function test_weights_count(): void
    {
        $this->assertSame(3.0, WeightedQuantiles::of([1.0, 2.0, 3.0], [0.1, 0.1, 0.8])->at(0.5));
    }

    public function test_curve_never_overshoots(): void
    {
        $curve = new MonotoneCubic([0.0, 1.0, 2.0, 5.0], [0.0, 0.0, 8.0, 10.0]);
        $before = 0.0;
        for ($x = 0.0; $x <= 5.0; $x += 0.05) {
            $y = $curve->at($x);
            $this->assertGreaterThanOrEqual($before, $y);
            $this->assertLessThanOrEqual(10.0, $y);
            $before = $y;
        }
    }
}
