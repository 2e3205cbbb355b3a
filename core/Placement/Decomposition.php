<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Closure;

/**
 * A lower bound by members that decide for themselves: every unit takes its
 * own path, every cell its own set of units with overload and conflicts held
 * exactly, every system that costs something is opened or not. Prices make
 * them agree: the unit pays for a cell what the cell gains by it, and a cell
 * that is used pays rent to the opening. Whatever the prices, the sum of what
 * each does best by itself is no more than any plan costs.
 *
 * The prices are raised as in the method of multipliers: the mixtures of all
 * members take steps (block-coordinate Frank-Wolfe) while disagreement is
 * charged, then the prices take the charge over. (The method: Swoboda &
 * Kolmogorov 2019, "MAP inference via block-coordinate Frank-Wolfe algorithm";
 * from memory.)
 */
final class Decomposition
{
    /** By what share the bounds of cells may be lower than their best sets at first. */
    public const FIRST_SLACK = 0.06;

    /** What is left of it from round to round, and after a failure. */
    private const SLACK_KEPT = 0.85;

    private const SLACK_AFTER_FAILURE = 0.3;

    /** Below it there is none. */
    private const FINE_SLACK = 0.003;

    private const NOTHING = 1e-9;

    /** Charge at first, times what a unit costs by itself in a period; that is no less than a share of its move. */
    private const FIRST_CHARGE = 2.0;

    private const LEAST_OF_MOVES = 0.1;

    private const CHARGE_AFTER_SUCCESS = 1.15;

    /** After a bound that was worse than the one before. */
    private const CHARGE_AFTER_FALL = 0.7;

    private const CHARGE_AFTER_FAILURE = 0.5;

    /** Of the first charge; with less, prices move too little to go on. */
    private const LEAST_CHARGE = 0.02;

    /** Between two looks for the best sets of cells: how often the prices take the charge over, and passes before each. */
    private const TURNS = 2;

    private const PASSES = 3;

    /** Rounds without a better bound are a failure, and so are falls below it one after the other. */
    private const MOST_ROUNDS_WITHOUT_GAIN = 20;

    private const MOST_FALLS = 2;

    /** Every so many rounds it is asked whether it still pays to go on: whether so much of the way to the plan was gained. */
    private const ASKED_EVERY = 10;

    private const WORTHWHILE = 0.02;

    public int $rounds = 0;

    public readonly Mixtures $mixtures;

    private float $firstCharge = 0.0;

    /** @param  array<int, CellPacking>  $packings  by cell */
    public function __construct(
        private readonly SearchNode $node,
        array $packings,
        KnownSets $known,
        float $slack,
    ) {
        $this->mixtures = new Mixtures($node, $packings, $known);
        $this->mixtures->slack = $slack;
    }

    /**
     * Raises the bound of the node and gives it the prices behind it.
     *
     * @param  float  $target  cost of a known plan; a bound that reaches it is good enough
     * @param  Closure(float): void|null  $raised  told of every better bound
     */
    public function improve(float $target, int $rounds, Budget $budget, float $share, ?Closure $raised = null): void
    {
        // The first bound is worth its time even when there is none left.
        $value = $this->mixtures->value($budget, INF);
        if ($value >= UnitPaths::NEVER) {
            $this->node->bound = INF;

            return;
        }
        $this->begin($value);
        $without = $falls = 0;
        $asked = $value;
        for ($round = 0; $round <= $rounds; $round++) {
            if ($value > $this->node->bound + self::NOTHING) {
                $this->node->bound = $value;
                $this->mixtures->keepPrices();
                if ($raised !== null) {
                    $raised($value);
                }
                $this->mixtures->charge *= self::CHARGE_AFTER_SUCCESS;
                $without = $falls = 0;
            } elseif (++$without >= self::MOST_ROUNDS_WITHOUT_GAIN || $falls >= self::MOST_FALLS) {
                $this->stepBack();
                $without = $falls = 0;
            }
            if ($this->node->bound >= $target || $this->mixtures->charge < self::LEAST_CHARGE * $this->firstCharge || $round === $rounds || $budget->isSpent($share)) {
                return;
            }
            if ($round > 0 && $round % self::ASKED_EVERY === 0) {
                if (! $this->isWorthGoingOn($asked, $target)) {
                    return;
                }
                $asked = $this->node->bound;
            }
            $before = $value;
            $value = $this->round($budget, $share);
            if ($value < $before) {
                $this->mixtures->charge *= self::CHARGE_AFTER_FALL;
                $falls++;
            } else {
                $falls = 0;
            }
        }
    }

    private function begin(float $value): void
    {
        $problem = $this->node->problem;
        $byThemselves = max($value, self::LEAST_OF_MOVES * array_sum($problem->moveCost));
        $this->firstCharge = max(self::NOTHING, self::FIRST_CHARGE * $byThemselves / (count($problem->units) * $problem->periods));
        $this->mixtures->charge = $this->firstCharge;
        $this->mixtures->begin();
    }

    private function round(Budget $budget, float $share): float
    {
        $this->rounds++;
        $slack = $this->mixtures->slack;
        $this->mixtures->slack = $slack < self::FINE_SLACK ? 0.0 : $slack * self::SLACK_KEPT;
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $this->mixtures->chargeDisagreement();
            for ($pass = 0; $pass < self::PASSES && ! $budget->isSpent($share); $pass++) {
                $this->mixtures->pass($budget, $share);
            }
        }

        return $this->mixtures->value($budget, $share);
    }

    /** After a failure: back to the best prices, with less charge and a closer look at the sets of cells. */
    private function stepBack(): void
    {
        $this->mixtures->returnToPrices();
        $this->mixtures->charge *= self::CHARGE_AFTER_FAILURE;
        $this->mixtures->slack *= self::SLACK_AFTER_FAILURE;
    }

    /** When little was gained for want of a close look, it looks closer from now on. */
    private function isWorthGoingOn(float $asked, float $target): bool
    {
        if ($this->node->bound >= $asked + self::WORTHWHILE * ($target - $asked)) {
            return true;
        }
        $isForWantOfLooking = $this->mixtures->slack > 0.0;
        $this->mixtures->slack *= self::SLACK_AFTER_FAILURE;

        return $isForWantOfLooking;
    }
}
