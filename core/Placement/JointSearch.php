<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Exact search over all units of a part at once, period by period. A state is
 * where everybody is, for how long each is bound to stay and what has been
 * opened; of all ways to a state only the cheapest is followed, and none whose
 * cost so far and least completion reach the best known plan. When there are
 * more choices than it was given it gives up and has proven nothing.
 */
final class JointSearch
{
    private const TOLERANCE = 1e-7;

    /** @var array<int, list<int>>|null the best plan found, when it beats the one that was known */
    public ?array $paths = null;

    public int $states = 0;

    private int $choices = 0;

    private bool $gaveUp = false;

    /** @var list<list<array{int, int, float|null}>> conflicts by period: one, other, cost */
    private array $conflictsAt = [];

    private readonly Problem $problem;

    public function __construct(
        private readonly Completions $completions,
        /** Choices that may be looked at before it gives up. */
        private readonly int $mostChoices,
    ) {
        $this->problem = $problem = $completions->node->problem;
        for ($t = 0; $t < $problem->periods; $t++) {
            $this->conflictsAt[] = [];
        }
        foreach ($problem->conflicts as $conflict) {
            for ($t = $conflict->from; $t <= $conflict->to; $t++) {
                $this->conflictsAt[$t][] = [$conflict->one, $conflict->other, $conflict->cost];
            }
        }
    }

    /** @return bool true when every plan below the known cost was looked at */
    public function run(float $known, Budget $budget, float $share): bool
    {
        $limit = $known - self::TOLERANCE * max(1.0, abs($known)) - $this->completions->node->paid;
        $state = [];
        foreach ($this->problem->start as $s) {
            array_push($state, $s, 0);
        }
        $layers = [[implode(',', $state) => [0.0, $state, null, []]]];
        for ($t = 0; $t < $this->problem->periods; $t++) {
            $next = [];
            foreach ($layers[$t] as $key => [$cost, $state, , $opened]) {
                $this->states++;
                $this->expand($next, (string) $key, $cost, $state, $opened, $t, $limit);
                if ($this->gaveUp || ($this->states % 64 === 0 && $budget->isSpent($share))) {
                    return false;
                }
            }
            if ($next === []) {
                return true;
            }
            $layers[] = $next;
        }
        $this->trace($layers);

        return true;
    }

    /**
     * @param  array<string, array{float, list<int>, string|null, array<int, true>}>  $next
     * @param  list<int>  $state
     * @param  array<int, true>  $opened
     */
    private function expand(array &$next, string $key, float $cost, array $state, array $opened, int $t, float $limit): void
    {
        $options = $least = [];
        $sum = 0.0;
        foreach ($this->problem->units as $u => $_) {
            $options[$u] = $this->optionsOf($u, $state[2 * $u], $state[2 * $u + 1], $t);
            if ($options[$u] === []) {
                return;
            }
            $least[$u] = $options[$u][0][3];
            $sum += $least[$u];
        }
        $room = $limit - $cost - $this->completions->worth($t, $opened);
        if ($sum >= $room) {
            return;
        }
        $this->choose($next, $key, $cost, $opened, $t, $limit, $options, $least, 0, $room - $sum, [], 0.0);
    }

    /**
     * What a unit can do in a period, the one with the least completion first.
     *
     * @return list<array{int, int, float, float}> system, periods bound to stay, own cost now, completion with this period
     */
    private function optionsOf(int $u, int $s, int $locked, int $t): array
    {
        $problem = $this->problem;
        $periods = $problem->periods;
        $solver = $this->completions->node->solvers[$u];
        $options = [];
        if ($solver->isOpen($s, $t)) {
            $bound = max(0, $locked - 1);
            $options[] = [$s, $bound, $problem->strain[$u][$s * $periods + $t] ?? 0.0, $this->completions->prices[$u][$s * $periods + $t] + $this->completions->of($u, $s, $bound, $t + 1)];
        }
        if ($locked === 0) {
            $bound = $problem->stayEnds[$u][$t] - $t - 1;
            foreach ($problem->systems as $to => $_) {
                if ($to !== $s && $solver->mayEnter($to, $t)) {
                    $options[] = [
                        $to, min($bound, $periods - $t - 1), $problem->moveCost[$u] + ($problem->strain[$u][$to * $periods + $t] ?? 0.0),
                        $problem->moveCost[$u] + $this->completions->prices[$u][$to * $periods + $t] + $this->completions->of($u, $to, $bound, $t + 1),
                    ];
                }
            }
        }
        usort($options, fn (array $a, array $b): int => $a[3] <=> $b[3]);

        return $options;
    }

    /**
     * @param  array<string, array{float, list<int>, string|null, array<int, true>}>  $next
     * @param  array<int, true>  $opened
     * @param  array<int, list<array{int, int, float, float}>>  $options
     * @param  array<int, float>  $least
     * @param  float  $slack  by how much the completions may still exceed the least ones
     * @param  list<int>  $chosen
     */
    private function choose(array &$next, string $key, float $cost, array $opened, int $t, float $limit, array $options, array $least, int $u, float $slack, array $chosen, float $own): void
    {
        if ($u === count($options)) {
            $this->arrive($next, $key, $cost + $own, $opened, $t, $limit, $chosen);

            return;
        }
        foreach ($options[$u] as [$s, $bound, $now, $completion]) {
            $over = $completion - $least[$u];
            if ($over >= $slack || $this->gaveUp) {
                return;
            }
            $this->gaveUp = ++$this->choices > $this->mostChoices;
            $this->choose($next, $key, $cost, $opened, $t, $limit, $options, $least, $u + 1, $slack - $over, [...$chosen, $s, $bound], $own + $now);
        }
    }

    /**
     * @param  array<string, array{float, list<int>, string|null, array<int, true>}>  $next
     * @param  array<int, true>  $opened
     * @param  list<int>  $chosen
     */
    private function arrive(array &$next, string $key, float $cost, array $opened, int $t, float $limit, array $chosen): void
    {
        $shared = $this->sharedCost($chosen, $t);
        if ($shared === null) {
            return;
        }
        $cost += $shared;
        $rest = 0.0;
        foreach ($this->problem->units as $u => $_) {
            $s = $chosen[2 * $u];
            if (isset($this->completions->node->undecided[$s]) && ! isset($opened[$s])) {
                $opened[$s] = true;
                $cost += $this->completions->node->undecided[$s];
            }
            $rest += $this->completions->of($u, $s, $chosen[2 * $u + 1], $t + 1);
        }
        if ($cost + $rest + $this->completions->worth($t + 1, $opened) >= $limit) {
            return;
        }
        ksort($opened);
        $to = implode(',', $chosen).'|'.implode(',', array_keys($opened));
        if (! isset($next[$to]) || $cost < $next[$to][0]) {
            $next[$to] = [$cost, $chosen, $key, $opened];
        }
    }

    /**
     * Overload and conflicts of one period; null when two are together that may not be.
     *
     * @param  list<int>  $chosen
     */
    private function sharedCost(array $chosen, int $t): ?float
    {
        $problem = $this->problem;
        $cost = 0.0;
        foreach ($this->conflictsAt[$t] as [$one, $other, $each]) {
            if ($chosen[2 * $one] === $chosen[2 * $other]) {
                if ($each === null) {
                    return null;
                }
                $cost += $each;
            }
        }
        foreach ($problem->load as $k => $loads) {
            $carried = [];
            foreach ($problem->units as $u => $_) {
                $s = $chosen[2 * $u];
                $carried[$s] = ($carried[$s] ?? 0.0) + $loads[$u][$t];
            }
            foreach ($carried as $s => $load) {
                $cost += $problem->overloadCost[$k][$s] * max(0.0, $load - $problem->capacity[$k][$s * $problem->periods + $t]);
            }
        }

        return $cost;
    }

    /** @param  non-empty-list<array<string, array{float, list<int>, string|null, array<int, true>}>>  $layers */
    private function trace(array $layers): void
    {
        $last = $layers[count($layers) - 1];
        uasort($last, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $key = (string) array_key_first($last);
        $paths = array_fill(0, count($this->problem->units), []);
        for ($t = $this->problem->periods; $t > 0; $t--) {
            [, $state, $before] = $layers[$t][$key];
            foreach ($paths as $u => $path) {
                array_unshift($paths[$u], $state[2 * $u]);
            }
            $key = (string) $before;
        }
        $this->paths = $paths;
    }
}
