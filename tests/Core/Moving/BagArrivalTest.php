<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Sheet\Bag;
use Biomegas\Moving\Sheet\BagArrival;
use Biomegas\Moving\Sheet\SheetStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

/** Common practice, no published source: a shop fish is floated and mixed for about 25 minutes in all; one that travelled long is lifted across as soon as its bag is open. */
final class BagArrivalTest extends TestCase
{
    /** @return iterable<string, array{float|null, float}> °C of the bag; minutes in a home of 25 °C */
    public static function temperatures(): iterable
    {
        yield 'nobody has measured' => [null, 20.0];
        yield 'as warm' => [25.0, 10.0];
        yield 'a little colder' => [22.0, 10.0];
        yield 'cold' => [17.0, 20.0];
        yield 'warmer' => [31.0, 15.0];
        yield 'very cold' => [4.0, 25.0];
    }

    #[DataProvider('temperatures')]
    public function test_the_farther_the_warmth_is_apart_the_longer_it_floats(?float $celsius, float $minutes): void
    {
        $this->assertSame($minutes, $this->step($this->arrival($celsius, 7.2), 'bag-float')?->minutes);
    }

    public function test_a_shop_fish_takes_about_half_an_hour(): void
    {
        $arrival = $this->arrival(23.0, 6.9);

        $this->assertStringContainsString('then mix in', Said::of($arrival->sentence));
        $this->assertGreaterThan(25, $arrival->minutes);
        $this->assertLessThan(45, $arrival->minutes);
        $this->assertNotNull($this->step($arrival, 'bag-mix-1'));
    }

    public function test_alike_and_tested_it_is_lifted_across(): void
    {
        $arrival = $this->arrival(25.0, 7.2);

        $this->assertSame('Float the closed bag for 10 minutes, then lift it across: the waters are alike.', Said::of($arrival->sentence));
        $this->assertNull($this->step($arrival, 'bag-mix-1'));
    }

    public function test_long_on_the_way_nothing_is_mixed_into_what_has_gathered(): void
    {
        $arrival = $this->arrival(22.0, 6.4, hours: 24.0, mass: 120.0);

        $this->assertStringContainsString('turns to poison', Said::of($arrival->sentence));
        $this->assertNull($this->step($arrival, 'bag-mix-1'));
        $this->assertNotNull($this->step($arrival, 'bag-across'));
    }

    public function test_a_home_with_nitrite_in_it_takes_nobody_in(): void
    {
        $home = new WaterSample(25.0, 7.2, 4.0, nitrite: 0.6);
        $arrival = BagArrival::of(new Bag(24.0, 7.0, 1.0, 3.0, 20.0), $home, 'Porch tank', Hardiness::Usual);

        $this->assertStringStartsWith('Not into this home yet. ', Said::of($arrival->sentence));
        $this->assertSame([], $arrival->steps);
    }

    private function arrival(?float $celsius, float $ph, float $hours = 1.0, float $mass = 20.0): BagArrival
    {
        return BagArrival::of(new Bag($celsius, $ph, $hours, 3.0, $mass), new WaterSample(25.0, 7.2, 4.0), 'Porch tank', Hardiness::Usual);
    }

    private function step(BagArrival $arrival, string $key): ?SheetStep
    {
        return array_values(array_filter($arrival->steps, fn (SheetStep $step): bool => $step->key === $key))[0] ?? null;
    }
}
