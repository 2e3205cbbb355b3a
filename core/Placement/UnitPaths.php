<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * The cheapest path of one unit through the systems under a price for each
 * cell, with its moves and minimum stays: dynamic programming backward over
 * periods, in time proportional to the cells. A stay that begins with a move
 * is priced as a whole, so its length needs no state.
 */
final class UnitPaths
{
    /** No path leads there. */
    public const NEVER = 1e15;

    /** @var list<int> by cell, the first forbidden period from there on */
    private array $openUntil = [];

    /** @var list<list<int>> by period, systems in which it may be */
    private array $open = [];

    /** @var list<list<int>> by period, systems into which it may move and stay for its minimum */
    private array $enterable = [];

    /** @var list<list<int>> by period, systems in which it may have been before, but may not stay */
    private array $closing = [];

    /** @var array<int, float> by system x (periods + 1) + period: cost to go for one who was there before and may move */
    private array $toGo = [];

    /** @var array<int, array{float, int, float, int}> by period: cost to go and system of the best place to move to, and of the second best */
    private array $entering = [];

    private readonly int $systems;

    private readonly int $periods;

    /** @param  array<int, true>  $forbidden  cells that are forbidden besides */
    public function __construct(
        private readonly Problem $problem,
        private readonly int $unit,
        array $forbidden = [],
    ) {
        $this->systems = count($problem->systems);
        $this->periods = $problem->periods;
        for ($s = 0; $s < $this->systems; $s++) {
            $until = $this->periods;
            $open = [];
            for ($t = $this->periods - 1; $t >= 0; $t--) {
                $cell = $s * $this->periods + $t;
                $until = $problem->strain[$unit][$cell] === null || isset($forbidden[$cell]) ? $t : $until;
                $open[$t] = $until;
            }
            for ($t = 0; $t < $this->periods; $t++) {
                $this->openUntil[] = $open[$t];
            }
        }
        for ($t = 0; $t < $this->periods; $t++) {
            $systems = array_keys($problem->systems);
            $this->open[] = array_values(array_filter($systems, fn (int $s): bool => $this->isOpen($s, $t)));
            $this->enterable[] = array_values(array_filter($systems, fn (int $s): bool => $this->mayEnter($s, $t)));
            $this->closing[] = array_values(array_filter($systems, fn (int $s): bool => ! $this->isOpen($s, $t) && ($t === 0 || $this->isOpen($s, $t - 1))));
        }
    }

    /**
     * @param  array<int, float>  $prices  by cell, strain included; forbidden cells do not matter
     * @param  array<int, float>  $entry  by system, once for each time it moves in
     * @return float the cost of the cheapest path; NEVER or more when there is none
     */
    public function solve(array $prices, array $entry = []): float
    {
        $problem = $this->problem;
        $periods = $this->periods;
        $ends = $problem->stayEnds[$this->unit];
        $move = $problem->moveCost[$this->unit];
        $width = $periods + 1;
        $toGo = $rest = $entering = [];
        for ($at = $periods; $at < $this->systems * $width; $at += $width) {
            $toGo[$at] = $rest[$at] = 0.0;
        }
        for ($t = $periods - 1; $t >= 0; $t--) {
            $end = $ends[$t];
            $open = $this->open[$t];
            foreach ($open as $s) {
                $at = $s * $width + $t;
                $rest[$at] = $rest[$at + 1] + $prices[$at - $s];
            }
            $best = $second = self::NEVER;
            $bestSystem = $secondSystem = -1;
            foreach ($this->enterable[$t] as $s) {
                $at = $s * $width;
                $cost = $rest[$at + $t] - $rest[$at + $end] + $toGo[$at + $end];
                if ($entry !== []) {
                    $cost += $entry[$s] ?? 0.0;
                }
                if ($cost < $best) {
                    [$second, $secondSystem] = [$best, $bestSystem];
                    [$best, $bestSystem] = [$cost, $s];
                } elseif ($cost < $second) {
                    [$second, $secondSystem] = [$cost, $s];
                }
            }
            $entering[$t] = [$best, $bestSystem, $second, $secondSystem];
            $moving = $move + $best;
            foreach ($open as $s) {
                $at = $s * $width + $t;
                $staying = $prices[$at - $s] + $toGo[$at + 1];
                $elsewhere = $s === $bestSystem ? $move + $second : $moving;
                $toGo[$at] = $staying <= $elsewhere ? $staying : $elsewhere;
            }
            foreach ($this->closing[$t] as $s) {
                $toGo[$s * $width + $t] = $moving;
                $rest[$s * $width + $t] = 0.0;
            }
        }
        $this->toGo = $toGo;
        $this->entering = $entering;

        return $toGo[$problem->start[$this->unit] * $width];
    }

    /**
     * The cheapest path under the prices that were solved last.
     *
     * @param  array<int, float>  $prices
     * @return list<int> system by period
     */
    public function path(array $prices): array
    {
        $width = $this->periods + 1;
        $ends = $this->problem->stayEnds[$this->unit];
        $move = $this->problem->moveCost[$this->unit];
        $path = [];
        $s = $this->problem->start[$this->unit];
        for ($t = 0; $t < $this->periods;) {
            $cell = $s * $this->periods + $t;
            [$best, $bestSystem, $second, $secondSystem] = $this->entering[$t];
            [$next, $cost] = $bestSystem === $s ? [$secondSystem, $second] : [$bestSystem, $best];
            if ($this->openUntil[$cell] > $t && $move + $cost >= $prices[$cell] + $this->toGo[$s * $width + $t + 1]) {
                $path[] = $s;
                $t++;
            } else {
                $s = $next;
                for ($end = $ends[$t]; $t < $end; $t++) {
                    $path[] = $s;
                }
            }
        }

        return $path;
    }

    /** @return array<int, true> cells that lie on some path */
    public function reachable(): array
    {
        $this->solve(array_fill(0, $this->systems * $this->periods, 0.0));
        $ends = $this->problem->stayEnds[$this->unit];
        $cells = [];
        $free = [[$this->problem->start[$this->unit] => true]];
        for ($t = 0; $t < $this->periods; $t++) {
            $here = $free[$t] ?? [];
            foreach (array_keys($here) as $s) {
                if ($this->isOpen($s, $t) && $this->toGo($s, $t + 1) < self::NEVER) {
                    $cells[$s * $this->periods + $t] = $free[$t + 1][$s] = true;
                }
            }
            $end = $ends[$t];
            foreach ($this->enterable[$t] as $s) {
                if (array_diff_key($here, [$s => true]) !== [] && $this->toGo($s, $end) < self::NEVER) {
                    $free[$end][$s] = true;
                    for ($i = $t; $i < $end; $i++) {
                        $cells[$s * $this->periods + $i] = true;
                    }
                }
            }
        }

        return $cells;
    }

    public function isOpen(int $system, int $period): bool
    {
        return $this->openUntil[$system * $this->periods + $period] > $period;
    }

    /** Is it allowed to move in then and stay for its minimum? */
    public function mayEnter(int $system, int $period): bool
    {
        return $this->openUntil[$system * $this->periods + $period] >= $this->problem->stayEnds[$this->unit][$period];
    }

    /** Under the prices solved last: cost to go from that period on for one who was in the system before and may move. */
    public function toGo(int $system, int $period): float
    {
        return $this->toGo[$system * ($this->periods + 1) + $period];
    }
}
