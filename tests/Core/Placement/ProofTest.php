<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\Branching;
use Biomegas\Placement\Budget;
use Biomegas\Placement\Cell;
use Biomegas\Placement\CellPacking;
use Biomegas\Placement\Completions;
use Biomegas\Placement\CostGrid;
use Biomegas\Placement\Decomposition;
use Biomegas\Placement\Incumbent;
use Biomegas\Placement\JointSearch;
use Biomegas\Placement\KnownSets;
use Biomegas\Placement\Occupancy;
use Biomegas\Placement\OpeningTrials;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\SearchNode;
use Biomegas\Placement\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a proof rests on: bounds below every plan, parts that leave nothing out, costs on a grid. */
final class ProofTest extends TestCase
{
    private const TOLERANCE = 1e-6;

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(fn (int $seed): array => [$seed], range(1, 8));
    }

    #[DataProvider('seeds')]
    public function test_the_bound_of_the_whole_rises_and_stays_below_the_optimum(int $seed): void
    {
        $problem = $this->problem($seed);
        $optimum = Solver::solve($problem, $this->budget())->objective;
        $decomposition = $this->ofWhole($problem, $part);
        $bounds = [];
        foreach ([1, 20, 60] as $rounds) {
            $decomposition->improve($optimum, $rounds, $this->budget(), 1.0);
            $bounds[] = $part->bound;
        }

        $this->assertLessThanOrEqual($optimum + self::TOLERANCE, $bounds[2]);
        $this->assertSame($bounds, [min($bounds), $bounds[1], max($bounds)]);
        $this->assertGreaterThan(0.75 * $optimum, $bounds[2]);
    }

    #[DataProvider('seeds')]
    public function test_every_unit_is_somewhere_whole_in_each_period_of_its_mixture(int $seed): void
    {
        $problem = $this->problem($seed);
        $decomposition = $this->ofWhole($problem);
        $decomposition->improve(INF, 9, $this->budget(), 1.0);
        foreach ($decomposition->mixtures->there as $cells) {
            $whole = array_fill(0, $problem->periods, 0.0);
            foreach ($cells as $cell => $share) {
                $this->assertGreaterThan(0.0, $share);
                $whole[$cell % $problem->periods] += $share;
            }
            $this->assertEqualsWithDelta(array_fill(0, $problem->periods, 1.0), $whole, self::TOLERANCE);
        }
    }

    /** Of a large place the first plan costs far more than the best one. */
    #[DataProvider('seeds')]
    public function test_how_poor_a_plan_is_known_does_not_spoil_the_prices(int $seed): void
    {
        $problem = $this->problem($seed);
        $optimum = Solver::solve($problem, $this->budget())->objective;
        $bounds = [];
        foreach ([2.0, 1000.0] as $poor) {
            $decomposition = $this->ofWhole($problem, $part);
            $decomposition->improve($poor * $optimum, 9, $this->budget(), 1.0);
            $bounds[] = $part->bound;
        }

        $this->assertSame($bounds[0], $bounds[1]);
        $this->assertGreaterThan(0.0, $bounds[0]);
    }

    #[DataProvider('seeds')]
    public function test_the_best_plan_is_in_one_of_the_parts(int $seed): void
    {
        $problem = $this->problem($seed);
        $optimum = Solver::solve($problem, $this->budget())->objective;
        $cells = Cell::everywhere($problem);
        $packings = CellPacking::everywhere($cells);
        $known = new KnownSets($cells, $problem->periods);
        $parts = [SearchNode::whole($problem)];
        for ($n = 0; $n < 3; $n++) {
            $part = array_shift($parts);
            $this->assertNotNull($part);
            $decomposition = new Decomposition($part, $packings, $known, 0.0);
            $decomposition->improve($optimum + 1.0, 5, $this->budget(), 1.0);
            $fork = Branching::of($part, $decomposition->mixtures);
            $this->assertNotNull($fork);
            array_push($parts, ...$part->split($fork));
        }
        $costs = array_map(fn (SearchNode $part): float => $this->best($part, $packings, $optimum + 1.0), $parts);

        $this->assertEqualsWithDelta($optimum, min($costs), self::TOLERANCE);
    }

    public function test_costs_on_a_grid_raise_a_bound_to_the_next_step(): void
    {
        $document = InventedPlacement::document(3, 2, 4, 2, 3);
        $document['overload_cost'] = 1.5;
        $grid = CostGrid::of(ProblemReader::read($document));

        $this->assertEqualsWithDelta(0.005, $grid->step, 1e-12);
        $this->assertEqualsWithDelta(12.345, $grid->raised(12.3411), 1e-9);
        $this->assertEqualsWithDelta(12.345, $grid->raised(12.345 + 1e-9), 1e-8);
        $this->assertEqualsWithDelta(12.3425, $grid->below(12.345), 1e-9);
    }

    public function test_costs_with_endless_decimals_have_no_grid(): void
    {
        $document = InventedPlacement::document(3, 2, 4, 2, 3);
        $document['units'][0]['move_cost'] = M_PI;
        $grid = CostGrid::of(ProblemReader::read($document));

        $this->assertSame([0.0, 12.34567, 5.0], [$grid->step, $grid->raised(12.34567), $grid->below(5.0)]);
    }

    public function test_a_system_that_pays_only_when_many_move_in_is_tried_as_a_whole(): void
    {
        $unit = fn (int $u): array => [
            'key' => "u{$u}", 'start' => 'old', 'move_cost' => 1.0, 'min_stay' => 1, 'load' => array_fill(0, 4, 2.0),
            'strain' => ['old' => array_fill(0, 4, 0.0), 'new' => array_fill(0, 4, 0.0)],
        ];
        $problem = ProblemReader::read([
            'format' => 'biomegas-placement/1', 'periods' => 4, 'overload_cost' => 1.0, 'conflicts' => [],
            'systems' => [
                ['key' => 'old', 'capacity' => 4.0, 'opening_cost' => 0.0, 'available_from' => 0],
                ['key' => 'new', 'capacity' => 20.0, 'opening_cost' => 20.0, 'available_from' => 0],
            ],
            'units' => array_map($unit, range(0, 5)),
        ]);
        $incumbent = new Incumbent;
        $incumbent->offer(Occupancy::of($problem, array_fill(0, 6, [0, 0, 0, 0])));
        $trials = new OpeningTrials($problem, new Randomizer(new Mt19937(1)), $incumbent);

        $this->assertEqualsWithDelta(32.0, $incumbent->cost, self::TOLERANCE);
        $this->assertTrue($trials->tryOne($this->budget(), 1.0));
        $this->assertEqualsWithDelta(24.0, $incumbent->cost, self::TOLERANCE);
    }

    /** @param-out  SearchNode  $part */
    private function ofWhole(Problem $problem, ?SearchNode &$part = null): Decomposition
    {
        $part = SearchNode::whole($problem);
        $cells = Cell::everywhere($problem);

        return new Decomposition($part, CellPacking::everywhere($cells), new KnownSets($cells, $problem->periods), Decomposition::FIRST_SLACK);
    }

    private function problem(int $seed): Problem
    {
        $document = InventedPlacement::document(4, 4, 8, 4, $seed);
        foreach ($document['conflicts'] as $c => $conflict) {
            $document['conflicts'][$c]['cost'] ??= 25.0;
        }

        return ProblemReader::read($document);
    }

    /** @param  list<CellPacking>  $packings */
    private function best(SearchNode $part, array $packings, float $known): float
    {
        foreach ($part->solvers as $u => $solver) {
            if ($solver->solve(array_fill(0, $part->problem->cells(), 0.0)) >= 1e15) {
                return INF;
            }
        }
        $search = new JointSearch(new Completions($part, $packings), 3_000_000);
        $this->assertTrue($search->run($known, $this->budget(), 1.0));

        return $search->paths === null ? INF : PlanCost::of($part->problem, $search->paths);
    }

    private function budget(): Budget
    {
        $from = hrtime(true);

        return new Budget(60.0, fn (): float => (hrtime(true) - $from) / 1e9);
    }
}
