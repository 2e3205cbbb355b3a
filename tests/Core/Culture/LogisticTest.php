<?php

declare(strict_types=1);

namespace Tests\Core\Culture;

use Biomegas\Culture\Logistic;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against the textbook: logistic growth under constant harvest, Clark,
 * Mathematical Bioeconomics, chapter 1, and Schaefer (1954); named from memory.
 * And against the differential equation itself, stepped by Runge and Kutta.
 */
final class LogisticTest extends TestCase
{
    /** The largest harvest that can go on for ever is rK/4, of half the room. */
    public function test_the_largest_steady_harvest_is_a_quarter_of_r_times_k(): void
    {
        $stock = new Logistic(0.2, 1000.0);
        $this->assertSame(50.0, $stock->largestSteadyHarvest());
        $this->assertSame(50.0, $stock->yieldAt(500.0));
        $yields = array_map($stock->yieldAt(...), range(0, 1000, 10));
        $this->assertSame(500, 10 * array_search(max($yields), $yields, true), 'nowhere is it larger');
    }

    /** Pearl and Reed's curve: from a tenth to nine tenths of the room takes ln 81 / r. */
    public function test_free_growth_takes_its_time(): void
    {
        $stock = new Logistic(0.2, 1000.0);
        $this->assertEqualsWithDelta(log(81) / 0.2, $stock->weeksUntil(100.0, 900.0), 1e-9);
        $this->assertEqualsWithDelta(900.0, $stock->after(100.0, log(81) / 0.2), 1e-9);
        $this->assertSame(0.0, $stock->weeksUntil(500.0, 400.0));
        $this->assertNull($stock->weeksUntil(500.0, 1000.0), 'it never gets quite there');
        $this->assertNull($stock->weeksUntil(0.0, 10.0), 'nothing comes of nothing');
        $this->assertSame(0.0, $stock->after(0.0, 10.0));
    }

    /** @return iterable<string, array{float, float, float|null}> stock, harvest a week, and the week in which nothing is left by small steps */
    public static function harvested(): iterable
    {
        yield 'more than it can ever give' => [800.0, 60.0];
        yield 'far more' => [1000.0, 200.0];
        yield 'too few to bear it' => [150.0, 30.0];
        yield 'hardly too few' => [170.0, 30.0];
        yield 'just what half of it gives, from less' => [400.0, 50.0];
    }

    #[DataProvider('harvested')]
    public function test_it_is_gone_when_small_steps_say_so(float $stock, float $harvest): void
    {
        $growth = new Logistic(0.2, 1000.0);
        $slope = fn (float $n): float => $growth->growth * $n * (1 - $n / $growth->room) - $harvest;
        [$left, $weeks, $step] = [$stock, 0.0, 0.005];
        while ($left > 0.0) {
            $a = $slope($left);
            $b = $slope($left + $step / 2 * $a);
            $c = $slope($left + $step / 2 * $b);
            $d = $slope($left + $step * $c);
            $left += $step / 6 * ($a + 2 * $b + 2 * $c + $d);
            $weeks += $step;
        }
        $this->assertEqualsWithDelta($weeks, $growth->weeksUntilGone($stock, $harvest), 2 * $step);
    }

    public function test_what_it_bears_lasts(): void
    {
        $growth = new Logistic(0.2, 1000.0);
        [$least, $upper] = $growth->balances(30.0);
        $this->assertEqualsWithDelta(30.0, $growth->yieldAt($least), 1e-9);
        $this->assertEqualsWithDelta(30.0, $growth->yieldAt($upper), 1e-9);
        $this->assertNull($growth->weeksUntilGone($least + 1, 30.0));
        $this->assertNull($growth->weeksUntilGone(10.0, 0.0));
        $this->assertSame(0.0, $growth->weeksUntilGone(0.0, 5.0));
    }

    public function test_nothing_grows_without_growth_or_room(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Logistic(0.2, 0.0);
    }
}
