<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\Occupancy;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\UnitPaths;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The parts of the solver by themselves, against trying everything. */
final class PartsTest extends TestCase
{
    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(fn (int $seed): array => [$seed], range(1, 10));
    }

    #[DataProvider('seeds')]
    public function test_a_unit_alone_takes_its_cheapest_path(int $seed): void
    {
        $problem = $this->problem($seed);
        $random = new Randomizer(new Mt19937($seed));
        $prices = array_map(fn (): float => $random->getInt(0, 900) / 100, array_fill(0, $problem->cells(), 0));
        foreach ($problem->units as $u => $_) {
            $paths = new UnitPaths($problem, $u);
            $cost = $paths->solve($prices);

            $this->assertEqualsWithDelta($this->cheapest($problem, $u, $prices), $cost, 1e-9);
            $this->assertEqualsWithDelta($cost, $this->costOf($problem, $u, $paths->path($prices), $prices), 1e-9);
        }
    }

    #[DataProvider('seeds')]
    public function test_the_cells_on_some_path_are_told(int $seed): void
    {
        $problem = $this->problem($seed);
        $random = new Randomizer(new Mt19937($seed));
        $closed = array_fill_keys(array_filter(range(0, $problem->cells() - 1), fn (): bool => $random->getInt(0, 3) === 0), true);
        foreach ($problem->units as $u => $_) {
            $prices = array_map(fn (int $cell): float => isset($closed[$cell]) ? INF : 0.0, range(0, $problem->cells() - 1));
            $on = [];
            $systems = count($problem->systems);
            for ($n = 0; $n < $systems ** $problem->periods; $n++) {
                $path = array_map(fn (int $t): int => intdiv($n, $systems ** $t) % $systems, range(0, $problem->periods - 1));
                if (is_finite($this->costOf($problem, $u, $path, $prices))) {
                    foreach ($path as $t => $s) {
                        $on[$s * $problem->periods + $t] = true;
                    }
                }
            }
            $told = (new UnitPaths($problem, $u, $closed))->reachable();
            ksort($on);
            ksort($told);

            $this->assertSame($on, $told);
        }
    }

    #[DataProvider('seeds')]
    public function test_the_working_cost_follows_the_plan_through_every_change(int $seed): void
    {
        $problem = ProblemReader::read(InventedPlacement::document(6, 4, 8, 0, $seed));
        $random = new Randomizer(new Mt19937($seed));
        $plan = new Occupancy($problem);
        $put = function (int $u) use ($plan, $problem, $random): void {
            $prices = $plan->pricesFor($u);
            $paths = new UnitPaths($problem, $u);
            $strange = array_map(fn (float $price): float => $price * $random->getInt(0, 300) / 100, $prices);
            $paths->solve($strange);
            $plan->add($u, $paths->path($strange));
        };
        array_map($put, array_keys($problem->units));
        for ($n = 0; $n < 40; $n++) {
            $u = $random->getInt(0, 5);
            $plan->remove($u);
            $put($u);
        }

        $this->assertEqualsWithDelta(PlanCost::of($problem, $plan->paths), $plan->cost, 1e-6);
    }

    private function problem(int $seed): Problem
    {
        return ProblemReader::read(InventedPlacement::document(3, 3, 6, 0, $seed));
    }

    /** @param  array<int, float>  $prices */
    private function cheapest(Problem $problem, int $u, array $prices): float
    {
        $best = INF;
        $systems = count($problem->systems);
        for ($n = 0; $n < $systems ** $problem->periods; $n++) {
            $path = [];
            for ($t = 0, $rest = $n; $t < $problem->periods; $t++, $rest = intdiv($rest, $systems)) {
                $path[] = $rest % $systems;
            }
            $best = min($best, $this->costOf($problem, $u, $path, $prices));
        }

        return $best;
    }

    /**
     * From the definition: infinite where forbidden or moved again too soon.
     *
     * @param  list<int>  $path
     * @param  array<int, float>  $prices
     */
    private function costOf(Problem $problem, int $u, array $path, array $prices): float
    {
        $cost = 0.0;
        [$at, $moved] = [$problem->start[$u], null];
        foreach ($path as $t => $s) {
            if ($problem->strain[$u][$s * $problem->periods + $t] === null || ($s !== $at && $moved !== null && $t < $problem->stayEnds[$u][$moved])) {
                return INF;
            }
            if ($s !== $at) {
                $cost += $problem->moveCost[$u];
                [$at, $moved] = [$s, $t];
            }
            $cost += $prices[$s * $problem->periods + $t];
        }

        return $cost;
    }
}
