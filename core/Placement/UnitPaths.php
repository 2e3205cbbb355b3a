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

    /** @var array<int, float> by system x (periods + 1) + period: cost to go for one who was there before and may move */
    private array $toGo = [];

    /** @var array<int, float> cost to go from a period on for one who moves in then, the move itself left out */
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
    }

    /**
     * @param  array<int, float>  $prices  by cell, strain included; forbidden cells do not matter
     * @param  array<int, float>  $entry  by system, once for each time it moves in
     * @return float the cost of the cheapest path; NEVER or more when there is none
     */
    public function solve(array $prices, array $entry = []): float
    {
        $problem = $this->problem;
        [$systems, $periods] = [$this->systems, $this->periods];
        $stay = $problem->minStay[$this->unit];
        $move = $problem->moveCost[$this->unit];
        $width = $periods + 1;
        $toGo = $entering = [];
        $sums = [];
        for ($s = 0; $s < $systems; $s++) {
            $toGo[$s * $width + $periods] = 0.0;
            $sum = 0.0;
            $sums[$s * $width] = 0.0;
            for ($t = 0; $t < $periods; $t++) {
                $cell = $s * $periods + $t;
                $sum += $this->openUntil[$cell] > $t ? $prices[$cell] : 0.0;
                $sums[$s * $width + $t + 1] = $sum;
            }
        }
        for ($t = $periods - 1; $t >= 0; $t--) {
            $end = $t + $stay < $periods ? $t + $stay : $periods;
            $best = $second = self::NEVER;
            $bestSystem = -1;
            for ($s = 0; $s < $systems; $s++) {
                $at = $s * $width;
                if ($this->openUntil[$s * $periods + $t] < $end) {
                    $entering[$at + $t] = self::NEVER;

                    continue;
                }
                $cost = $sums[$at + $end] - $sums[$at + $t] + $toGo[$at + $end] + ($entry[$s] ?? 0.0);
                $entering[$at + $t] = $cost;
                if ($cost < $best) {
                    $second = $best;
                    $best = $cost;
                    $bestSystem = $s;
                } elseif ($cost < $second) {
                    $second = $cost;
                }
            }
            for ($s = 0; $s < $systems; $s++) {
                $cell = $s * $periods + $t;
                $staying = $this->openUntil[$cell] > $t ? $prices[$cell] + $toGo[$s * $width + $t + 1] : self::NEVER;
                $moving = $move + ($s === $bestSystem ? $second : $best);
                $toGo[$s * $width + $t] = $staying <= $moving ? $staying : $moving;
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
        $stay = $this->problem->minStay[$this->unit];
        $move = $this->problem->moveCost[$this->unit];
        $path = [];
        $s = $this->problem->start[$this->unit];
        for ($t = 0; $t < $this->periods;) {
            $cell = $s * $this->periods + $t;
            $staying = $this->openUntil[$cell] > $t ? $prices[$cell] + $this->toGo[$s * $width + $t + 1] : self::NEVER;
            [$next, $moving] = [$s, self::NEVER];
            for ($to = 0; $to < $this->systems; $to++) {
                if ($to !== $s && $move + $this->entering[$to * $width + $t] < $moving) {
                    [$next, $moving] = [$to, $move + $this->entering[$to * $width + $t]];
                }
            }
            if ($staying <= $moving) {
                $path[] = $s;
                $t++;
            } else {
                $s = $next;
                for ($end = min($t + $stay, $this->periods); $t < $end; $t++) {
                    $path[] = $s;
                }
            }
        }

        return $path;
    }

    /** Gives the memory of the last solution back. */
    public function forget(): void
    {
        $this->toGo = $this->entering = [];
    }

    public function isOpen(int $system, int $period): bool
    {
        return $this->openUntil[$system * $this->periods + $period] > $period;
    }

    /** Is it allowed to move in then and stay for its minimum? */
    public function mayEnter(int $system, int $period): bool
    {
        return $this->openUntil[$system * $this->periods + $period] >= min($period + $this->problem->minStay[$this->unit], $this->periods);
    }

    /** Under the prices solved last: cost to go from that period on for one who was in the system before and may move. */
    public function toGo(int $system, int $period): float
    {
        return $this->toGo[$system * ($this->periods + 1) + $period];
    }
}
