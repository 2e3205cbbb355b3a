<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Placement\Budget;
use Biomegas\Placement\NoPlan;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\PlanChecker;

/** Twelve problems whose optima were proven by mixed-integer solvers (cbc; the small ones by glpsol too). */
final class PlacementOptimaTest extends TestCase
{
    private const FIXTURES = __DIR__.'/fixtures/placement';

    private const TOLERANCE = 1e-6;

    /** @return array<string, array{string, float}> */
    public static function problems(): array
    {
        $optima = json_decode((string) file_get_contents(self::FIXTURES.'/optima.json'), true);

        return array_map(fn (string $file): array => [$file, (float) $optima[$file]['objective']], array_combine(array_keys($optima), array_keys($optima)));
    }

    #[DataProvider('problems')]
    public function test_the_optimum_is_reached_and_no_bound_lies_above_it(string $file, float $optimum): void
    {
        $problem = json_decode((string) file_get_contents(self::FIXTURES."/{$file}"), true);
        $from = hrtime(true);
        $isMedium = str_starts_with($file, 'medium');
        $solution = Solver::solve(ProblemReader::read($problem), new Budget($isMedium ? 4.0 : 30.0, fn (): float => (hrtime(true) - $from) / 1e9));

        $this->assertEqualsWithDelta(PlanChecker::objective($problem, $solution->assignments), $solution->objective, self::TOLERANCE);
        $this->assertGreaterThanOrEqual($optimum - self::TOLERANCE, $solution->objective);
        $this->assertLessThanOrEqual($optimum + self::TOLERANCE, $solution->bound);
        if (! $isMedium) {
            $this->assertTrue($solution->isOptimal);
            $this->assertEqualsWithDelta($optimum, $solution->objective, self::TOLERANCE);
        }
    }

    /** @return array<string, array{string, float|null}> */
    public static function ownProblems(): array
    {
        $optima = json_decode((string) file_get_contents(self::FIXTURES.'-own/optima.json'), true);

        return array_map(fn (string $file): array => [$file, $optima[$file]], array_combine(array_keys($optima), array_keys($optima)));
    }

    /**
     * Optima by glpsol and cbc, made by fixtures/placement-own/make.php, three with two loads by name; null: it was proven
     * that there is no plan.
     */
    #[DataProvider('ownProblems')]
    public function test_invented_problems_agree_with_the_solvers(string $file, ?float $optimum): void
    {
        $problem = json_decode((string) file_get_contents(self::FIXTURES."-own/{$file}"), true);
        $from = hrtime(true);
        $isMedium = count($problem['units']) > 8;
        if ($optimum === null) {
            $this->expectException(NoPlan::class);
        }
        $solution = Solver::solve(ProblemReader::read($problem), new Budget($isMedium ? 4.0 : 30.0, fn (): float => (hrtime(true) - $from) / 1e9));

        $this->assertEqualsWithDelta(PlanChecker::objective($problem, $solution->assignments), $solution->objective, self::TOLERANCE);
        $this->assertGreaterThanOrEqual((float) $optimum - self::TOLERANCE, $solution->objective);
        $this->assertLessThanOrEqual((float) $optimum + self::TOLERANCE, $solution->bound);
        if (! $isMedium) {
            $this->assertTrue($solution->isOptimal);
            $this->assertEqualsWithDelta((float) $optimum, $solution->objective, self::TOLERANCE);
        }
    }
}
