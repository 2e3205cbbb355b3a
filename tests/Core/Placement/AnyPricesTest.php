<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\Budget;
use Biomegas\Placement\Cell;
use Biomegas\Placement\CellPacking;
use Biomegas\Placement\Completions;
use Biomegas\Placement\Conflict;
use Biomegas\Placement\KnownSets;
use Biomegas\Placement\Mixtures;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\SearchNode;
use Biomegas\Placement\UnitPaths;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever the prices, no plan costs less than they prove: good prices make a bound useful, none make it wrong. */
final class AnyPricesTest extends TestCase
{
    private const TOLERANCE = 1e-6;

    private const PLANS = 30;

    private Randomizer $random;

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(fn (int $seed): array => [$seed], range(1, 10));
    }

    #[DataProvider('seeds')]
    public function test_no_plan_costs_less_than_any_prices_prove(int $seed): void
    {
        [$problem, $part] = $this->partAtRandomPrices($seed);
        $cells = Cell::everywhere($problem);
        $bound = (new Mixtures($part, CellPacking::everywhere($cells), new KnownSets($cells, $problem->periods)))->value($this->endless(), 1.0);

        for ($n = 0; $n < self::PLANS; $n++) {
            $this->assertGreaterThanOrEqual($bound - self::TOLERANCE, PlanCost::of($problem, $this->plan($problem)));
        }
    }

    #[DataProvider('seeds')]
    public function test_no_plan_is_completed_for_less_than_any_prices_say(int $seed): void
    {
        [$problem, $part] = $this->partAtRandomPrices($seed);
        $completions = new Completions($part, CellPacking::everywhere(Cell::everywhere($problem)));

        for ($n = 0; $n < self::PLANS; $n++) {
            $paths = $this->plan($problem);
            for ($t = 1; $t < $problem->periods; $t++) {
                $before = array_map(fn (array $path): array => array_slice($path, 0, $t), $paths);
                $opened = array_intersect_key(array_fill_keys(array_merge(...$before), true), $part->undecided);
                $least = $completions->worth($t, $opened);
                foreach ($paths as $u => $path) {
                    $least += $completions->of($u, $path[$t - 1], $this->lockedAt($problem, $u, $path, $t), $t);
                }
                $this->assertGreaterThanOrEqual($least - self::TOLERANCE, PlanCost::of($problem, $paths) - $this->costUntil($problem, $paths, $t));
            }
        }
    }

    /** @return array{Problem, SearchNode} */
    private function partAtRandomPrices(int $seed): array
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $document = InventedPlacement::document(5, 4, 7, 6, $seed, $seed % 2 === 0);
        $document['systems'][1]['opening_cost'] = 15.0;
        foreach ($document['conflicts'] as $c => $conflict) {
            $document['conflicts'][$c]['cost'] ??= 20.0;
        }
        $problem = ProblemReader::read($document);
        $part = SearchNode::whole($problem);
        foreach ($part->cellMultipliers as $u => $links) {
            $part->cellMultipliers[$u] = array_map(fn (): float => $this->random->getInt(-300, 900) / 100, $links);
        }
        foreach ($part->openingMultipliers as $s => $rents) {
            $part->openingMultipliers[$s] = array_map(fn (): float => $this->random->getInt(0, 500) / 100, $rents);
        }

        return [$problem, $part];
    }

    /** @return list<list<int>> any plan at all */
    private function plan(Problem $problem): array
    {
        return array_map(function (int $u) use ($problem): array {
            $prices = array_map(fn (): float => $this->random->getInt(0, 2000) / 100, range(1, $problem->cells()));
            $paths = new UnitPaths($problem, $u);
            $paths->solve($prices);

            return $paths->path($prices);
        }, array_keys($problem->units));
    }

    /** @param  list<int>  $path */
    private function lockedAt(Problem $problem, int $u, array $path, int $t): int
    {
        $before = $problem->start[$u];
        $moved = null;
        for ($i = 0; $i < $t; $i++) {
            $moved = $path[$i] === $before ? $moved : $i;
            $before = $path[$i];
        }

        return $moved === null ? 0 : max(0, $problem->stayEnds[$u][$moved] - $t);
    }

    /**
     * What the plan has cost before the period: the cost of the plan that ends there.
     *
     * @param  list<list<int>>  $paths
     */
    private function costUntil(Problem $problem, array $paths, int $t): float
    {
        $cells = fn (array $list): array => array_merge(...array_map(fn (array $system): array => array_slice($system, 0, $t), array_chunk($list, $problem->periods)));
        $conflicts = array_values(array_filter($problem->conflicts, fn (Conflict $conflict): bool => $conflict->from < $t));
        $short = new Problem(
            $t, $problem->units, $problem->systems, array_map($cells, $problem->strain), $problem->start, $problem->moveCost, array_map(fn (array $ends): array => array_map(fn (int $end): int => min($end, $t), array_slice($ends, 0, $t)), $problem->stayEnds),
            array_map(fn (array $units): array => array_map(fn (array $list): array => array_slice($list, 0, $t), $units), $problem->load),
            array_map($cells, $problem->capacity), $problem->overloadCost, $problem->openingCost,
            array_map(fn (Conflict $conflict): Conflict => new Conflict($conflict->one, $conflict->other, $conflict->from, min($conflict->to, $t - 1), $conflict->cost), $conflicts),
        );

        return PlanCost::of($short, array_map(fn (array $path): array => array_slice($path, 0, $t), $paths));
    }

    private function endless(): Budget
    {
        return new Budget(60.0, fn (): float => 0.0);
    }
}
