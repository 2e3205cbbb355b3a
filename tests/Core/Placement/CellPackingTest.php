<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use Biomegas\Placement\Cell;
use Biomegas\Placement\CellPacking;
use Biomegas\Placement\ConflictSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Who is best together in one cell, against trying every set. */
final class CellPackingTest extends TestCase
{
    private const UNITS = 8;

    private const TOLERANCE = 1e-6;

    /** @return list<array{int, int}> seed and loads by name */
    public static function cells(): array
    {
        return array_map(fn (int $seed): array => [$seed, 1 + $seed % 2], range(1, 30));
    }

    #[DataProvider('cells')]
    public function test_finds_the_best_set(int $seed, int $loads): void
    {
        [$load, $capacity, $overload, $gains, $together] = $this->invent($seed, $loads);
        [$bound, $units, $worth] = (new CellPacking(new Cell($load, $capacity, $overload, $together)))->solve($gains);
        $least = $this->byTryingEverySet($load, $capacity, $overload, $gains, $together);

        $this->assertEqualsWithDelta($least, $worth, self::TOLERANCE);
        $this->assertEqualsWithDelta($least, $bound, self::TOLERANCE);
        $this->assertEqualsWithDelta($worth, $this->worth($units, $load, $capacity, $overload, $gains, $together), self::TOLERANCE);
    }

    #[DataProvider('cells')]
    public function test_looking_less_closely_still_gives_a_true_bound_and_a_true_set(int $seed, int $loads): void
    {
        [$load, $capacity, $overload, $gains, $together] = $this->invent($seed, $loads);
        [$bound, $units, $worth] = (new CellPacking(new Cell($load, $capacity, $overload, $together)))->solve($gains, 0.2);
        $least = $this->byTryingEverySet($load, $capacity, $overload, $gains, $together);

        $this->assertLessThanOrEqual($least + self::TOLERANCE, $bound);
        $this->assertGreaterThanOrEqual(1.2 * $worth - self::TOLERANCE, $bound);
        $this->assertEqualsWithDelta($worth, $this->worth($units, $load, $capacity, $overload, $gains, $together), self::TOLERANCE);
    }

    #[DataProvider('cells')]
    public function test_conflicts_alone_are_decided_exactly(int $seed): void
    {
        [, , , $gains, $together] = $this->invent($seed, 1);
        $gains = array_filter($gains, fn (float $gain): bool => $gain > 0.0);
        [$gain, $units, $isExact] = (new ConflictSearch($together))->solve($gains);

        $this->assertTrue($isExact);
        $this->assertEqualsWithDelta(-$this->byTryingEverySet([], [], [], $gains, $together), $gain, self::TOLERANCE);
        $this->assertEqualsWithDelta(-$gain, $this->worth($units, [], [], [], $gains, $together), self::TOLERANCE);
    }

    public function test_who_gains_nothing_stays_away_and_an_empty_cell_is_worth_nothing(): void
    {
        $cell = new CellPacking(new Cell([[1.0, 1.0]], [5.0], [1.0], []));

        $this->assertSame([0.0, [], 0.0], $cell->solve([0 => -2.0, 1 => 0.0]));
        $this->assertSame([-3.0, [1], -3.0], $cell->solve([0 => -2.0, 1 => 3.0]));
    }

    /** @return array{list<array<int, float>>, list<float>, list<float>, array<int, float>, array<int, array<int, float>>} load, capacity, overload cost, gains, costs together */
    private function invent(int $seed, int $loads): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $load = $gains = $together = [];
        for ($u = 0; $u < self::UNITS; $u++) {
            $gains[$u] = $random->getInt(-300, 1500) / 100;
            for ($k = 0; $k < $loads; $k++) {
                $load[$k][$u] = $random->getInt(20, 900) / 100;
            }
            for ($v = 0; $v < $u; $v++) {
                if ($random->getInt(0, 2) === 0) {
                    $together[$u][$v] = $together[$v][$u] = $random->getInt(0, 3) === 0 ? INF : $random->getInt(10, 1200) / 100;
                }
            }
        }

        return [$load, array_fill(0, $loads, $random->getInt(300, 2500) / 100), array_fill(0, $loads, $random->getInt(2, 30) / 10), $gains, $together];
    }

    /**
     * @param  list<array<int, float>>  $load
     * @param  list<float>  $capacity
     * @param  list<float>  $overload
     * @param  array<int, float>  $gains
     * @param  array<int, array<int, float>>  $together
     */
    private function byTryingEverySet(array $load, array $capacity, array $overload, array $gains, array $together): float
    {
        $units = array_keys($gains);
        $least = 0.0;
        for ($mask = 0; $mask < 1 << count($units); $mask++) {
            $set = array_values(array_filter($units, fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
            $least = min($least, $this->worth($set, $load, $capacity, $overload, $gains, $together));
        }

        return $least;
    }

    /**
     * @param  list<int>  $set
     * @param  list<array<int, float>>  $load
     * @param  list<float>  $capacity
     * @param  list<float>  $overload
     * @param  array<int, float>  $gains
     * @param  array<int, array<int, float>>  $together
     */
    private function worth(array $set, array $load, array $capacity, array $overload, array $gains, array $together): float
    {
        $value = 0.0;
        foreach ($set as $i => $u) {
            $value -= $gains[$u];
            foreach (array_slice($set, $i + 1) as $v) {
                $value += $together[$u][$v] ?? 0.0;
            }
        }
        foreach ($load as $k => $loads) {
            $value += $overload[$k] * max(0.0, array_sum(array_intersect_key($loads, array_flip($set))) - $capacity[$k]);
        }

        return $value;
    }
}
