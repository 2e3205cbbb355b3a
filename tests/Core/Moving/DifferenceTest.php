<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Moving\Mixing\Difference;
use Biomegas\Moving\Mixing\Hardiness;
use PHPUnit\Framework\TestCase;

final class DifferenceTest extends TestCase
{
    public function test_it_is_within_another_only_when_each_part_is(): void
    {
        $bound = new Difference(1.0, 0.2, 0.2);

        $this->assertTrue((new Difference(1.0, 0.2, 0.2))->isWithin($bound));
        foreach ([new Difference(1.1, 0.2, 0.2), new Difference(1.0, 0.21, 0.2), new Difference(1.0, 0.2, 0.21)] as $larger) {
            $this->assertFalse($larger->isWithin($bound));
        }
    }

    public function test_the_stricter_of_two_is_taken_part_by_part(): void
    {
        $this->assertEquals(new Difference(1.0, 0.2, 0.3), (new Difference(1.0, 0.4, 0.3))->least(new Difference(2.0, 0.2, 0.5)));
        $this->assertEquals(new Difference(2.0, 0.8, 0.6), (new Difference(1.0, 0.4, 0.3))->times(2));
    }

    public function test_the_frailer_a_fish_the_less_it_bears(): void
    {
        $order = [Hardiness::Sensitive, Hardiness::Usual, Hardiness::Hardy];
        foreach ([0, 1] as $i) {
            $this->assertTrue($order[$i]->step()->isWithin($order[$i + 1]->step()));
            $this->assertTrue($order[$i]->hourly()->isWithin($order[$i + 1]->hourly()));
            $this->assertTrue($order[$i]->tolerance()->isWithin($order[$i + 1]->tolerance()));
            $this->assertLessThan($order[$i + 1]->largestPortion(), $order[$i]->largestPortion());
        }
    }
}
