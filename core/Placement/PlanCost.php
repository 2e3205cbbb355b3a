<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** What a whole plan costs, from its definition; the working sums of the search drift by rounding. */
final readonly class PlanCost
{
    /** @param  array<int, list<int>>  $paths  system by unit and period */
    public static function of(Problem $problem, array $paths): float
    {
        $cost = 0.0;
        $used = [];
        foreach ($paths as $u => $path) {
            $before = $problem->start[$u];
            foreach ($path as $t => $s) {
                $cost += ($problem->strain[$u][$s * $problem->periods + $t] ?? INF) + ($s === $before ? 0.0 : $problem->moveCost[$u]);
                $before = $s;
                $used[$s] = $problem->openingCost[$s];
            }
        }

        return $cost + array_sum($used) + self::overload($problem, $paths) + self::conflicts($problem, $paths);
    }

    /** @param  array<int, list<int>>  $paths */
    private static function overload(Problem $problem, array $paths): float
    {
        $cost = 0.0;
        foreach ($problem->load as $k => $loads) {
            $carried = [];
            foreach ($paths as $u => $path) {
                foreach ($path as $t => $s) {
                    $carried[$s][$t] = ($carried[$s][$t] ?? 0.0) + $loads[$u][$t];
                }
            }
            foreach ($carried as $s => $periods) {
                foreach ($periods as $t => $load) {
                    $cost += $problem->overloadCost[$k][$s] * max(0.0, $load - $problem->capacity[$k][$s * $problem->periods + $t]);
                }
            }
        }

        return $cost;
    }

    /** @param  array<int, list<int>>  $paths */
    private static function conflicts(Problem $problem, array $paths): float
    {
        $cost = 0.0;
        foreach ($problem->conflicts as $conflict) {
            for ($t = $conflict->from; $t <= $conflict->to; $t++) {
                $cost += $paths[$conflict->one][$t] === $paths[$conflict->other][$t] ? ($conflict->cost ?? INF) : 0.0;
            }
        }

        return $cost;
    }
}
