<?php

declare(strict_types=1);

namespace Tests;

/**
 * Recomputes from the definition in the format whether a plan is feasible and
 * what it costs. It shares no code with the solver: it works on the document.
 */
final readonly class PlanChecker
{
    /**
     * @param  array<string, mixed>  $problem  the document
     * @param  array<string, list<string>>  $plan  system by period, for each unit
     * @return float the objective; infinite when the plan breaks a rule
     */
    public static function objective(array $problem, array $plan): float
    {
        $periods = $problem['periods'];
        $systems = array_column($problem['systems'], null, 'key');
        $cost = 0.0;
        $used = [];
        foreach ($problem['units'] as $unit) {
            $path = $plan[$unit['key']] ?? [];
            if (count($path) !== $periods) {
                return INF;
            }
            $at = $unit['start'];
            $lastMove = -1_000_000;
            foreach ($path as $t => $system) {
                $strain = $unit['strain'][$system][$t] ?? null;
                if ($strain === null || $t < ($systems[$system]['available_from'] ?? 0)) {
                    return INF;
                }
                if ($system !== $at) {
                    if ($t - $lastMove < max(1, $unit['min_stay'] ?? 1)) {
                        return INF;
                    }
                    $lastMove = $t;
                    $cost += $unit['move_cost'] ?? 0;
                    $at = $system;
                }
                $cost += $strain;
                $used[$system] = true;
            }
        }
        foreach (array_keys($used) as $system) {
            $cost += $systems[$system]['opening_cost'] ?? 0;
        }

        return $cost + self::overload($problem, $plan) + self::conflicts($problem, $plan);
    }

    /**
     * @param  array<string, mixed>  $problem
     * @param  array<string, list<string>>  $plan
     */
    private static function overload(array $problem, array $plan): float
    {
        $cost = 0.0;
        $names = is_array($problem['overload_cost'] ?? 0) ? array_keys($problem['overload_cost']) : [null];
        foreach ($names as $name) {
            $of = fn (mixed $value): mixed => $name === null ? $value : $value[$name];
            foreach ($problem['systems'] as $system) {
                for ($t = 0; $t < $problem['periods']; $t++) {
                    $load = 0.0;
                    foreach ($problem['units'] as $unit) {
                        $load += $plan[$unit['key']][$t] === $system['key'] ? $of($unit['load'])[$t] : 0.0;
                    }
                    $cost += $of($problem['overload_cost'] ?? 0) * max(0.0, $load - $of($system['capacity']));
                }
            }
        }

        return $cost;
    }

    /**
     * @param  array<string, mixed>  $problem
     * @param  array<string, list<string>>  $plan
     */
    private static function conflicts(array $problem, array $plan): float
    {
        $cost = 0.0;
        foreach ($problem['conflicts'] ?? [] as $conflict) {
            [$one, $other] = $conflict['units'];
            for ($t = $conflict['from'] ?? 0; $t <= min($conflict['to'] ?? $problem['periods'] - 1, $problem['periods'] - 1); $t++) {
                if ($plan[$one][$t] === $plan[$other][$t]) {
                    $cost += $conflict['cost'] ?? INF;
                }
            }
        }

        return $cost;
    }
}
