<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\Apartness;
use Biomegas\Placement\Budget;
use Biomegas\Placement\Improvement;
use Biomegas\Placement\Incumbent;
use Biomegas\Placement\Occupancy;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How plans are made, mended and bettered, and who cannot be kept apart. */
final class ImprovementTest extends TestCase
{
    private const TOLERANCE = 1e-6;

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(fn (int $seed): array => [$seed], range(1, 8));
    }

    #[DataProvider('seeds')]
    public function test_a_mixture_that_is_sure_of_the_best_plan_leads_to_it(int $seed): void
    {
        $problem = $this->problem($seed);
        $solution = Solver::solve($problem, $this->budget());
        $this->assertTrue($solution->isOptimal);
        $systems = array_flip($problem->systems);
        $there = [];
        foreach ($problem->units as $u => $key) {
            $there[$u] = array_fill(0, $problem->cells(), 0.0);
            foreach ($solution->assignments[$key] as $t => $system) {
                $there[$u][$systems[$system] * $problem->periods + $t] = 1.0;
            }
        }
        $plan = $this->improvement($problem)->follow($there, 10.0);

        $this->assertEqualsWithDelta($solution->objective, $plan->cost, self::TOLERANCE);
    }

    #[DataProvider('seeds')]
    public function test_a_plan_through_closed_systems_is_mended(int $seed): void
    {
        $problem = $this->problem($seed);
        $paths = $this->improvement($problem)->construct()->paths;
        $opening = array_map(fn (): float => 1.0, $problem->openingCost);
        $opening[array_key_last($opening)] = 0.0;
        $costly = new Problem(
            $problem->periods, $problem->units, $problem->systems, $problem->strain, $problem->start, $problem->moveCost, $problem->stayEnds,
            $problem->load, $problem->capacity, $problem->overloadCost, $opening, $problem->conflicts,
        );
        $onlyTheLast = $costly->withOpenings([]);
        $plan = $this->improvement($onlyTheLast)->repair($paths);

        $this->assertSame([count($problem->systems) - 1], array_values(array_unique(array_merge(...array_values($plan->paths)))));
        $this->assertEqualsWithDelta(PlanCost::of($onlyTheLast, $plan->paths), $plan->cost, self::TOLERANCE);
    }

    #[DataProvider('seeds')]
    public function test_what_a_unit_costs_is_what_the_plan_saves_without_it(int $seed): void
    {
        $problem = $this->problem($seed);
        $plan = $this->improvement($problem)->construct();
        $paths = $plan->paths;
        foreach ($paths as $u => $_) {
            $without = Occupancy::of($problem, array_diff_key($paths, [$u => true]))->cost;
            $this->assertEqualsWithDelta(PlanCost::of($problem, $paths) - $without, $plan->costNow($u), self::TOLERANCE);
        }
        $this->assertSame($paths, array_replace($paths, $plan->paths));
    }

    #[DataProvider('seeds')]
    public function test_in_conflict_on_a_path_are_those_who_would_cost_something_there(int $seed): void
    {
        $problem = $this->problem($seed);
        $plan = $this->improvement($problem)->construct();
        foreach ($plan->paths as $u => $_) {
            foreach ($problem->systems as $s => $_system) {
                $path = array_fill(0, $problem->periods, $s);
                $met = [];
                foreach ($problem->conflicts as $conflict) {
                    if (! in_array($u, [$conflict->one, $conflict->other], true)) {
                        continue;
                    }
                    $other = $conflict->one === $u ? $conflict->other : $conflict->one;
                    $during = array_slice($plan->paths[$other], $conflict->from, $conflict->to - $conflict->from + 1);
                    if (in_array($s, $during, true)) {
                        $met[$other] = true;
                    }
                }

                $this->assertEqualsCanonicalizing(array_keys($met), $plan->inConflictOn($u, $path));
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_improving_never_loses_the_best_plan(int $seed): void
    {
        $problem = $this->problem($seed);
        $incumbent = new Incumbent;
        $improvement = new Improvement($problem, new Randomizer(new Mt19937($seed)), $incumbent);
        $plan = $improvement->construct();
        $costs = [$plan->cost];
        for ($n = 0; $n < 4; $n++) {
            $improvement->run($plan, 150, $this->budget(), 1.0);
            $costs[] = $incumbent->cost;
        }
        $sorted = $costs;
        rsort($sorted);

        $this->assertSame($sorted, $costs);
        $this->assertSame(600, $improvement->rounds);
        $this->assertEqualsWithDelta(PlanCost::of($problem, $incumbent->paths), $incumbent->cost, self::TOLERANCE);
    }

    #[DataProvider('seeds')]
    public function test_who_cannot_be_apart_agrees_with_trying_everything(int $seed): void
    {
        $random = new Randomizer(new Mt19937(50 + $seed));
        $document = InventedPlacement::document(5, 3, 2, 0, $seed);
        foreach ($document['systems'] as $s => $_) {
            $document['systems'][$s]['available_from'] = 0;
        }
        foreach (range(0, 4) as $u) {
            foreach (['s0', 's1', 's2'] as $system) {
                $document['units'][$u]['strain'][$system] = [0.0, $system === 's2' || $random->getInt(0, 2) > 0 ? 0.0 : null];
            }
            foreach ($u === 0 ? [] : range(0, $u - 1) as $v) {
                if ($random->getInt(0, 9) < 7) {
                    $document['conflicts'][] = ['units' => ["u{$u}", "u{$v}"], 'from' => 1, 'to' => 1, 'cost' => null];
                }
            }
        }
        $problem = ProblemReader::read($document);
        $obstacle = (new Apartness($problem))->obstacle();

        $this->assertSame($this->findPlaces($problem, range(0, 4)), $obstacle === null);
        if ($obstacle !== null) {
            [$period, $units] = $obstacle;
            $this->assertSame(1, $period);
            $this->assertFalse($this->findPlaces($problem, $units));
            foreach ($units as $u) {
                $this->assertTrue($this->findPlaces($problem, array_values(array_diff($units, [$u]))));
            }
        }
    }

    /** @param  list<int>  $units */
    private function findPlaces(Problem $problem, array $units): bool
    {
        for ($n = 0; $n < 3 ** count($units); $n++) {
            $at = [];
            foreach ($units as $i => $u) {
                $at[$u] = intdiv($n, 3 ** $i) % 3;
            }
            $isAllowed = array_filter($units, fn (int $u): bool => $problem->strain[$u][$at[$u] * 2 + 1] === null) === [];
            foreach ($problem->conflicts as $conflict) {
                $isAllowed = $isAllowed && ! (isset($at[$conflict->one], $at[$conflict->other]) && $at[$conflict->one] === $at[$conflict->other]);
            }
            if ($isAllowed) {
                return true;
            }
        }

        return false;
    }

    private function problem(int $seed): Problem
    {
        $document = InventedPlacement::document(5, 4, 8, 4, $seed);
        foreach ($document['conflicts'] as $c => $conflict) {
            $document['conflicts'][$c]['cost'] ??= 25.0;
        }
        foreach ($document['units'] as $u => $unit) {
            // The last system takes everybody at any time.
            $document['units'][$u]['strain']['s3'] = array_fill(0, 8, 0.5);
        }

        return ProblemReader::read($document);
    }

    private function improvement(Problem $problem): Improvement
    {
        return new Improvement($problem, new Randomizer(new Mt19937(1)), new Incumbent);
    }

    private function budget(): Budget
    {
        $from = hrtime(true);

        return new Budget(30.0, fn (): float => (hrtime(true) - $from) / 1e9);
    }
}
