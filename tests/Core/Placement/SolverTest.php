<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\Budget;
use Biomegas\Placement\NoPlan;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\Solution;
use Biomegas\Placement\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\PlanChecker;
use Tests\Said;

/** On invented problems: against trying everything, and by what must hold of any answer. */
final class SolverTest extends TestCase
{
    private const TOLERANCE = 1e-6;

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(fn (int $seed): array => [$seed], range(1, 12));
    }

    #[DataProvider('seeds')]
    public function test_finds_and_proves_what_trying_everything_finds(int $seed): void
    {
        $problem = InventedPlacement::document(3, 2, 4, 3, $seed);
        if (is_infinite($this->byTryingEverything($problem))) {
            $this->assertMatchesRegularExpression('/find no (way|places) apart/', $this->refusal($problem));

            return;
        }
        $solution = $this->solve($problem);

        $this->assertTrue($solution->isOptimal);
        $this->assertEqualsWithDelta($this->byTryingEverything($problem), $solution->objective, self::TOLERANCE);
        $this->assertEqualsWithDelta($solution->objective, $solution->bound, self::TOLERANCE);
    }

    #[DataProvider('seeds')]
    public function test_the_checker_agrees_and_the_bound_lies_below(int $seed): void
    {
        $problem = InventedPlacement::document(5, 4, 10, 5, $seed);
        $solution = $this->solve($problem);

        $this->assertEqualsWithDelta(PlanChecker::objective($problem, $solution->assignments), $solution->objective, self::TOLERANCE);
        $this->assertLessThanOrEqual($solution->objective + self::TOLERANCE, $solution->bound);
    }

    public function test_the_same_seed_gives_the_same_plan(): void
    {
        $problem = InventedPlacement::document(5, 4, 10, 5, 3);

        $this->assertSame($this->solve($problem)->assignments, $this->solve($problem)->assignments);
    }

    #[DataProvider('seeds')]
    public function test_one_more_system_is_never_worse(int $seed): void
    {
        $problem = $this->tiny($seed);
        $more = $problem;
        $more['systems'][] = ['key' => 'extra', 'capacity' => 20.0, 'opening_cost' => 3.0, 'available_from' => 0];
        foreach ($more['units'] as $u => $_) {
            $more['units'][$u]['strain']['extra'] = array_fill(0, $problem['periods'], 0.5);
        }

        $this->assertLessThanOrEqual($this->solve($problem)->objective + self::TOLERANCE, $this->solve($more)->objective);
    }

    #[DataProvider('seeds')]
    public function test_more_room_is_never_dearer_and_forbidding_never_cheaper(int $seed): void
    {
        $problem = $this->tiny($seed);
        $best = $this->solve($problem)->objective;
        $roomier = $problem;
        foreach ($roomier['systems'] as $s => $_) {
            $roomier['systems'][$s]['capacity'] *= 1.3;
        }
        $stricter = $problem;
        $first = array_key_first($stricter['units'][0]['strain']);
        $stricter['units'][0]['strain'][$first] = array_fill(0, $problem['periods'], null);

        $this->assertLessThanOrEqual($best + self::TOLERANCE, $this->solve($roomier)->objective);
        try {
            $this->assertGreaterThanOrEqual($best - self::TOLERANCE, $this->solve($stricter)->objective);
        } catch (NoPlan $none) {
            $this->assertStringContainsString('No plan is feasible', Said::of($none->finding()));
        }
    }

    public function test_all_costs_times_three_is_the_objective_times_three(): void
    {
        $problem = $this->tiny(4);
        $scaled = $problem;
        $scaled['overload_cost'] *= 3;
        foreach ($scaled['systems'] as $s => $_) {
            $scaled['systems'][$s]['opening_cost'] *= 3;
        }
        foreach ($scaled['units'] as $u => $unit) {
            $scaled['units'][$u]['move_cost'] *= 3;
            $scaled['units'][$u]['strain'] = array_map(fn (array $list): array => array_map(fn (?float $strain): ?float => $strain === null ? null : 3 * $strain, $list), $unit['strain']);
        }
        foreach ($scaled['conflicts'] as $c => $conflict) {
            $scaled['conflicts'][$c]['cost'] = $conflict['cost'] === null ? null : 3 * $conflict['cost'];
        }

        $this->assertEqualsWithDelta(3 * $this->solve($problem)->objective, $this->solve($scaled)->objective, 1e-5);
    }

    public function test_a_second_load_that_weighs_nothing_changes_nothing_and_one_that_weighs_counts(): void
    {
        $problem = $this->tiny(5);
        $named = function (float $weight) use ($problem): array {
            $two = $problem;
            $two['overload_cost'] = ['floor' => $problem['overload_cost'], 'feed' => $problem['overload_cost']];
            foreach ($two['systems'] as $s => $system) {
                $two['systems'][$s]['capacity'] = ['floor' => $system['capacity'], 'feed' => $system['capacity']];
            }
            foreach ($two['units'] as $u => $unit) {
                $two['units'][$u]['load'] = ['floor' => $unit['load'], 'feed' => array_map(fn (float $load): float => $weight * $load, $unit['load'])];
            }

            return $two;
        };
        $plain = $this->solve($problem)->objective;

        $this->assertEqualsWithDelta($plain, $this->solve($named(0.0))->objective, self::TOLERANCE);
        $heavy = $this->solve($named(1.0));
        $this->assertEqualsWithDelta(PlanChecker::objective($named(1.0), $heavy->assignments), $heavy->objective, self::TOLERANCE);
        $this->assertGreaterThanOrEqual($plain - self::TOLERANCE, $heavy->objective);
    }

    #[DataProvider('seeds')]
    public function test_a_load_in_two_halves_by_name_is_the_same_load(int $seed): void
    {
        $problem = $this->tiny($seed);
        $halves = fn (float $load): array => ['left' => $load / 2, 'right' => $load / 2];
        $named = [...$problem, 'overload_cost' => ['left' => $problem['overload_cost'], 'right' => $problem['overload_cost']]];
        foreach ($problem['systems'] as $s => $system) {
            $named['systems'][$s]['capacity'] = $halves($system['capacity']);
        }
        foreach ($problem['units'] as $u => $unit) {
            $half = array_map(fn (float $load): float => $load / 2, $unit['load']);
            $named['units'][$u]['load'] = ['left' => $half, 'right' => $half];
        }

        $this->assertEqualsWithDelta($this->solve($problem)->objective, $this->solve($named)->objective, self::TOLERANCE);
    }

    public function test_a_short_time_still_gives_a_feasible_plan_and_a_valid_bound(): void
    {
        $problem = InventedPlacement::document(20, 8, 20, 30, 2);
        $solution = $this->solve($problem, 0.3);

        $this->assertTrue(is_finite(PlanChecker::objective($problem, $solution->assignments)));
        $this->assertLessThanOrEqual($solution->objective, $solution->bound);
    }

    public function test_a_plan_that_was_found_before_is_proven_first_and_a_bad_one_is_bettered_all_the_same(): void
    {
        $problem = ProblemReader::read(InventedPlacement::document(6, 5, 12, 3, 4));
        $slack = 0.02;
        $places = array_flip($problem->systems);
        $found = Solver::solve($problem, new Budget(20.0, $this->clock()), slack: $slack);
        $plan = array_map(fn (string $unit): array => array_map(fn (string $system): int => $places[$system], $found->assignments[$unit]), $problem->units);
        $again = Solver::solve($problem, new Budget(20.0, $this->clock()), start: $plan, slack: $slack, isFound: true);

        $this->assertLessThanOrEqual($found->objective + self::TOLERANCE, $again->objective);
        $this->assertLessThan($found->did['improvement_rounds'] / 2, $again->did['improvement_rounds']);

        $bad = array_map(fn (): array => array_fill(0, 12, 0), $problem->units);
        $bettered = Solver::solve($problem, new Budget(20.0, $this->clock()), start: $bad, slack: $slack, isFound: true);
        $this->assertLessThanOrEqual((1 + 2 * $slack) * $found->objective, $bettered->objective);
    }

    public function test_progress_is_told(): void
    {
        $told = [];
        $clock = $this->clock();
        Solver::solve(ProblemReader::read($this->tiny(1)), new Budget(5.0, $clock, function (string $what, float $cost, float $bound) use (&$told): void {
            $told[] = $what;
            $this->assertLessThanOrEqual($cost + self::TOLERANCE, $bound);
        }));

        $this->assertContains('bounding', $told);
    }

    public function test_why_no_plan_is_feasible(): void
    {
        $nowhere = $this->tiny(1);
        foreach ($nowhere['units'][1]['strain'] as $system => $_) {
            $nowhere['units'][1]['strain'][$system][2] = null;
        }
        $this->assertSame('No plan is feasible because u1 is allowed nowhere in period 2.', $this->refusal($nowhere));

        $apart = $this->tiny(1);
        $apart['conflicts'] = [['units' => ['u0', 'u1'], 'from' => 0, 'to' => 0, 'cost' => null]];
        foreach (['u0', 'u1'] as $u => $_) {
            foreach ($apart['units'][$u]['strain'] as $system => $list) {
                $apart['units'][$u]['strain'][$system][0] = $system === 's1' ? 0.0 : null;
            }
        }
        $this->assertStringContainsString('u0 and u1 find no places apart in period 0', $this->refusal($apart));
    }

    public function test_names_those_who_cannot_be_apart_and_nobody_else(): void
    {
        $problem = InventedPlacement::document(14, 4, 6, 0, 2);
        foreach ([3, 5, 8] as $u) {
            foreach ($problem['units'][$u]['strain'] as $system => $list) {
                $problem['units'][$u]['strain'][$system] = array_map(fn (?float $strain, int $t): ?float => $t === 4 && $system !== 's3' && $system !== 's2' ? null : $strain, $list, array_keys($list));
            }
            $problem['units'][$u]['strain']['s2'] = $problem['units'][$u]['strain']['s3'] = array_fill(0, 6, 0.0);
        }
        foreach ([[3, 5], [3, 8], [5, 8], [1, 3], [2, 5]] as [$a, $b]) {
            $problem['conflicts'][] = ['units' => ["u{$a}", "u{$b}"], 'from' => 4, 'to' => 4, 'cost' => null];
        }
        foreach ($problem['systems'] as $s => $_) {
            $problem['systems'][$s]['available_from'] = 0;
        }

        $this->assertStringContainsString('because u3, u5 and u8 find no places apart in period 4:', $this->refusal($problem));
    }

    public function test_units_with_many_forbidden_neighbours_are_kept_apart(): void
    {
        $problem = InventedPlacement::document(12, 6, 10, 0, 7);
        for ($u = 0; $u < 12; $u++) {
            foreach ([1, 5] as $far) {
                $problem['conflicts'][] = ['units' => ["u{$u}", 'u'.($u + $far) % 12], 'from' => 2, 'to' => 8, 'cost' => null];
            }
            $problem['units'][$u]['strain'] = array_fill_keys(array_column($problem['systems'], 'key'), array_fill(0, 10, 0.0));
        }
        foreach ($problem['systems'] as $s => $_) {
            $problem['systems'][$s]['available_from'] = 0;
        }

        $this->assertTrue(is_finite(PlanChecker::objective($problem, $this->solve($problem, 2.0)->assignments)));
    }

    public function test_a_problem_without_units_costs_nothing(): void
    {
        $solution = $this->solve([...$this->tiny(1), 'units' => [], 'conflicts' => []]);

        $this->assertSame([0.0, 0.0, true, []], [$solution->objective, $solution->bound, $solution->isOptimal, $solution->assignments]);
    }

    /** @return array<string, mixed> three units, two systems, four periods; nothing together is forbidden, so that there is a plan */
    private function tiny(int $seed): array
    {
        $problem = InventedPlacement::document(3, 2, 4, 3, $seed);
        foreach ($problem['conflicts'] as $c => $conflict) {
            $problem['conflicts'][$c]['cost'] ??= 25.0;
        }

        return $problem;
    }

    /** @param  array<string, mixed>  $problem */
    private function solve(array $problem, float $seconds = 20.0): Solution
    {
        return Solver::solve(ProblemReader::read($problem), new Budget($seconds, $this->clock()));
    }

    /** @return \Closure(): float */
    private function clock(): \Closure
    {
        $from = hrtime(true);

        return fn (): float => (hrtime(true) - $from) / 1e9;
    }

    /** @param  array<string, mixed>  $problem */
    private function refusal(array $problem): string
    {
        try {
            $this->solve($problem);
        } catch (NoPlan $none) {
            return Said::of($none->finding());
        }

        return '';
    }

    /** @param  array<string, mixed>  $problem */
    private function byTryingEverything(array $problem): float
    {
        $systems = array_column($problem['systems'], 'key');
        $paths = [[]];
        for ($t = 0; $t < $problem['periods']; $t++) {
            $paths = array_merge(...array_map(fn (array $path): array => array_map(fn (string $s): array => [...$path, $s], $systems), $paths));
        }
        $best = INF;
        foreach ($paths as $a) {
            foreach ($paths as $b) {
                foreach ($paths as $c) {
                    $best = min($best, PlanChecker::objective($problem, ['u0' => $a, 'u1' => $b, 'u2' => $c]));
                }
            }
        }

        return $best;
    }
}
