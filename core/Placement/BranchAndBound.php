<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use SplPriorityQueue;

/**
 * Raises the bound to the best plan, if there is time: branch and bound over
 * nodes. The node with the least bound is searched jointly when it is near to
 * the best plan, else split, until none is left below. Plans near to the
 * mixtures behind the bounds are offered on the way.
 */
final class BranchAndBound
{
    private const PRICE_ROUNDS = 400;

    private const PRICE_ROUNDS_OF_A_PART = 20;

    /** Where the first bound got no more rounds in its time, a node would get next to none. */
    private const FEW_ROUNDS = 30;

    /** Prices of all nodes still open; with more the memory would grow without end. */
    private const MOST_PRICES_KEPT = 4_000_000;

    /** Of the whole time: when the first bound and the proof must be done. */
    private const BOUNDING_SHARE = 0.75;

    private const PROVING_SHARE = 0.85;

    /** A node whose bound lies this share below the best plan is searched jointly, less after each search that gave up. */
    private const NEAR = 0.1;

    private const LESS_NEAR = 0.7;

    private const MOST_CHOICES = 60_000;

    /** So few units are searched jointly however far apart bound and plan are. */
    private const FEW_UNITS = 8;

    private const MOST_CHOICES_OF_FEW = 3_000_000;

    /** What it is worth to be where a mixture has a unit, in moves for each period. */
    private const FOLLOWED = [0.3, 1.0, 3.0, 10.0];

    private const ROUNDS_AFTER_FOLLOWING = 100;

    public int $priceRounds = 0;

    public int $nodes = 0;

    public int $states = 0;

    private float $near = self::NEAR;

    /** @var array<int, array<int, float>> the mixtures behind the bound of the whole, by unit and cell; none before there is one */
    private array $ofWhole = [];

    /** @var list<CellPacking> by cell */
    private readonly array $packings;

    private readonly KnownSets $known;

    private readonly CostGrid $grid;

    public function __construct(
        private readonly Problem $problem,
        private readonly Incumbent $incumbent,
        private readonly Improvement $improvement,
        private readonly Budget $budget,
    ) {
        $cells = Cell::everywhere($problem);
        $this->packings = CellPacking::everywhere($cells);
        $this->known = new KnownSets($cells, $problem->periods);
        $this->grid = CostGrid::of($problem);
    }

    public function run(): void
    {
        $whole = SearchNode::whole($this->problem);
        $this->bound($whole, self::PRICE_ROUNDS, self::BOUNDING_SHARE);
        $this->raise($whole->bound);
        if ($this->budget->isSpent(self::BOUNDING_SHARE) && $this->priceRounds < self::FEW_ROUNDS) {
            return;
        }
        /** @var SplPriorityQueue<float, SearchNode> $nodes */
        $nodes = new SplPriorityQueue;
        $nodes->insert($whole, -$whole->bound);
        $mostOpen = max(1, intdiv(self::MOST_PRICES_KEPT, count($this->problem->units) * $this->problem->cells()));
        while (! $nodes->isEmpty()) {
            /** @var SearchNode $node the queue gives the values alone */
            $node = $nodes->top();
            $this->raise($node->bound);
            if ($this->incumbent->isGoodEnough() || count($nodes) > $mostOpen || $this->budget->isSpent(self::PROVING_SHARE)) {
                return;
            }
            if ($this->isSearched($node)) {
                $nodes->extract();

                continue;
            }
            if ($node->branching === null) {
                return;
            }
            $nodes->extract();
            foreach ($node->split($node->branching) as $smaller) {
                if ($this->budget->isSpent(self::PROVING_SHARE)) {
                    return;
                }
                $this->bound($smaller, self::PRICE_ROUNDS_OF_A_PART, self::PROVING_SHARE);
                if ($smaller->bound < $this->goal()) {
                    $nodes->insert($smaller, -$smaller->bound);
                }
            }
        }
        $this->raise(INF);
    }

    /** What a plan must cost less than to be better than the best one. */
    private function goal(): float
    {
        return min($this->grid->below($this->incumbent->cost), $this->incumbent->goal());
    }

    private function bound(SearchNode $node, int $rounds, float $share): void
    {
        $this->nodes++;
        // The prices of a smaller node are good from the beginning; only the whole starts far off.
        $decomposition = new Decomposition($node, $this->packings, $this->known, $this->nodes === 1 ? Decomposition::FIRST_SLACK : 0.0);
        $decomposition->improve($this->goal(), $rounds, $this->budget, $share, $this->nodes === 1 ? $this->raise(...) : null);
        $this->priceRounds += $decomposition->rounds;
        if ($node->bound < $this->goal() && $decomposition->rounds > 0) {
            $node->branching = Branching::of($node, $decomposition->mixtures);
            $this->follow($decomposition->mixtures->there, $share);
        }
    }

    /**
     * Plans near to the mixtures behind a bound, improved for a while: those of the whole with every weight, of nodes with one.
     *
     * @param  array<int, array<int, float>>  $there
     */
    private function follow(array $there, float $share): void
    {
        if ($this->nodes === 1) {
            $this->ofWhole = $there;
        }
        $weights = $this->nodes === 1 ? self::FOLLOWED : [self::FOLLOWED[$this->nodes % count(self::FOLLOWED)]];
        foreach ($weights as $i => $weight) {
            if ($i > 0 && $this->budget->isSpent($share)) {
                return;
            }
            $this->improvement->run($this->improvement->follow($there, $weight), self::ROUNDS_AFTER_FOLLOWING, $this->budget, self::PROVING_SHARE);
        }
    }

    /** Another plan near to the mixtures of the whole, improved for a while; nothing before there are any. */
    public function followAgain(int $turn, int $rounds): void
    {
        if ($this->ofWhole !== []) {
            $plan = $this->improvement->follow($this->ofWhole, self::FOLLOWED[$turn % count(self::FOLLOWED)]);
            $this->improvement->run($plan, $rounds, $this->budget, 1.0);
        }
    }

    /** @param  float  $least  bound of all nodes that may still hold a better plan */
    private function raise(float $least): void
    {
        $proven = match (true) {
            // Nothing is left but what was put aside because it reached the goal.
            is_infinite($least) => max($this->incumbent->goal(), $this->incumbent->bound),
            $least >= $this->grid->below($this->incumbent->cost) => $this->incumbent->cost,
            default => $this->grid->raised($least),
        };
        $this->incumbent->bound = max($this->incumbent->bound, min($proven, $this->incumbent->cost));
        $this->budget->tell('bounding', $this->incumbent->cost, $this->incumbent->bound);
    }

    /** @return bool true when nothing in this node costs less than the best plan known now */
    private function isSearched(SearchNode $node): bool
    {
        $isFewUnits = count($this->problem->units) <= self::FEW_UNITS;
        if (! $isFewUnits && $node->branching !== null && $node->bound < (1 - $this->near) * $this->incumbent->cost) {
            return false;
        }
        $search = new JointSearch(new Completions($node, $this->packings), $isFewUnits ? self::MOST_CHOICES_OF_FEW : self::MOST_CHOICES);
        $isComplete = $search->run($this->goal(), $this->budget, self::PROVING_SHARE);
        $this->states += $search->states;
        if ($search->paths !== null) {
            $this->incumbent->offer(Occupancy::of($this->problem, $search->paths));
        } elseif (! $isComplete) {
            $this->near = min($this->near, self::LESS_NEAR * (1 - $node->bound / $this->incumbent->cost));
        }

        return $isComplete;
    }
}
