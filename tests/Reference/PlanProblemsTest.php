<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Placement\Budget;
use Biomegas\Placement\Conflict;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Problems as plans of places come to them, with optima proven by cbc (COIN-OR branch and cut): fixtures/plan-problems/make.php. */
final class PlanProblemsTest extends TestCase
{
    private const FIXTURES = __DIR__.'/fixtures/plan-problems';

    private const TOLERANCE = 1e-4;

    private const SECONDS = 10.0;

    /** A plan may be dearer by so much where the search ends before it is proven. */
    private const SLACK = 0.02;

    /** @return array<string, array{string, float}> */
    public static function problems(): array
    {
        $optima = array_filter(json_decode((string) file_get_contents(self::FIXTURES.'/optima.json'), true), fn (?float $optimum): bool => $optimum !== null);

        return array_map(fn (string $file): array => [$file, (float) $optima[$file]], array_combine(array_keys($optima), array_keys($optima)));
    }

    #[DataProvider('problems')]
    public function test_the_optimum_of_another_solver_lies_between_bound_and_plan(string $file, float $optimum): void
    {
        $problem = $this->problem($file);
        $from = hrtime(true);
        $solution = Solver::solve($problem, new Budget(self::SECONDS, fn (): float => (hrtime(true) - $from) / 1e9), slack: self::SLACK);
        $places = array_flip($problem->systems);
        $paths = array_map(fn (string $unit): array => array_map(fn (string $system): int => $places[$system], $solution->assignments[$unit]), $problem->units);

        $this->assertEqualsWithDelta(PlanCost::of($problem, $paths), $solution->objective, self::TOLERANCE);
        $this->assertGreaterThanOrEqual($optimum - self::TOLERANCE, $solution->objective);
        $this->assertLessThanOrEqual($optimum + self::TOLERANCE, $solution->bound);
        $this->assertLessThanOrEqual((1 + self::SLACK) * $optimum + self::TOLERANCE, $solution->objective);
    }

    private function problem(string $file): Problem
    {
        $p = json_decode((string) file_get_contents(self::FIXTURES."/{$file}"), true);

        return new Problem(
            $p['periods'], $p['units'], $p['systems'], $p['strain'], $p['start'], $p['move_cost'], $p['stay_ends'], $p['load'], $p['capacity'], $p['overload_cost'], $p['opening_cost'],
            array_map(fn (array $conflict): Conflict => new Conflict(...$conflict), $p['conflicts']),
        );
    }
}
