<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** A question that splits a node: where a unit is in a period, or, without a period, whether a system is opened. */
final readonly class Branching
{
    /** Above this share it is not certain whether a system is opened. */
    private const CERTAIN = 0.05;

    /** So that a unit is asked about even where all mixtures are certain. */
    private const LITTLE = 0.001;

    /** How much hangs on a unit, beside its load: in any case, and for each conflict. */
    private const WEIGHT = 0.2;

    private const WEIGHT_OF_A_CONFLICT = 0.3;

    private function __construct(
        /** The unit or the system. */
        public int $of,
        public ?int $period,
    ) {
    }

    /** The question on which the mixtures are most at odds; null when a node has one plan only. */
    public static function of(SearchNode $node, Mixtures $mixtures): ?self
    {
        [$best, $most] = [null, self::CERTAIN];
        foreach ($mixtures->opened as $s => $share) {
            $odds = min($share, 1 - $share);
            if ($odds > $most) {
                [$best, $most] = [new self($s, null), $odds];
            }
        }

        return $best ?? self::ofUnit($node, $mixtures);
    }

    /** Where it is least certain where a unit is, large loads and many conflicts before others. */
    private static function ofUnit(SearchNode $node, Mixtures $mixtures): ?self
    {
        [$best, $most] = [null, 0.0];
        foreach ($node->solvers as $u => $solver) {
            for ($t = 0; $t < $node->problem->periods; $t++) {
                $ways = 0;
                $share = 0.0;
                foreach ($node->problem->systems as $s => $_) {
                    if ($solver->isOpen($s, $t)) {
                        $ways++;
                        $share = max($share, $mixtures->there[$u][$s * $node->problem->periods + $t] ?? 0.0);
                    }
                }
                $odds = $ways > 1 ? (self::LITTLE + 1 - $share) * self::weight($node->problem, $u, $t) : 0.0;
                if ($odds > $most) {
                    [$best, $most] = [new self($u, $t), $odds];
                }
            }
        }

        return $best;
    }

    private static function weight(Problem $problem, int $u, int $t): float
    {
        $weight = self::WEIGHT;
        foreach ($problem->load as $loads) {
            $weight += $loads[$u][$t] / max(1e-9, ...array_column($loads, $t));
        }
        foreach ($problem->conflicts as $conflict) {
            if (($conflict->one === $u || $conflict->other === $u) && $conflict->from <= $t && $t <= $conflict->to) {
                $weight += self::WEIGHT_OF_A_CONFLICT;
            }
        }

        return $weight;
    }
}
