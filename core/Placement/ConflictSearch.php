<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Which units are best together when each brings a gain and some pairs cost
 * something together: branch and bound. Before every branch those are taken
 * who gain more than all their neighbours could lose by it.
 */
final class ConflictSearch
{
    /** Branches after which the bound counts in place of what was not looked at. */
    private const MOST_BRANCHES = 300;

    private const TOLERANCE = 1e-12;

    private float $best = 0.0;

    /** @var list<int> */
    private array $units = [];

    /** @var array<int, array<int, float>> cost by two units of those asked about */
    private array $costs = [];

    private int $branches = 0;

    /** @param  array<int, array<int, float>>  $together  cost by two units, both ways; infinite where forbidden */
    public function __construct(private readonly array $together)
    {
    }

    /**
     * @param  array<int, float>  $gains  by unit, above 0
     * @return array{float, list<int>, bool} the greatest gain (or a bound of it), a set of units, and whether it gains that
     */
    public function solve(array $gains): array
    {
        $this->best = 0.0;
        $this->units = [];
        $this->branches = 0;
        $this->costs = [];
        foreach ($gains as $u => $_) {
            $this->costs[$u] = array_intersect_key($this->together[$u] ?? [], $gains);
        }
        $most = $this->most($gains);
        $this->search($gains, 0.0, []);

        return $this->branches > self::MOST_BRANCHES ? [$most, $this->units, false] : [$this->best, $this->units, true];
    }

    /**
     * @param  array<int, float>  $gains  of units still open, less what those taken cost them
     * @param  list<int>  $taken
     */
    private function search(array $gains, float $value, array $taken): void
    {
        $hardest = $this->takeSafe($gains, $value, $taken);
        if ($value > $this->best) {
            [$this->best, $this->units] = [$value, $taken];
        }
        if ($hardest < 0 || $value + $this->most($gains) <= $this->best + self::TOLERANCE || $this->branches++ > self::MOST_BRANCHES) {
            return;
        }
        $with = $gains;
        $gain = $with[$hardest];
        unset($gains[$hardest]);
        $this->take($with, $hardest);
        $this->search($with, $value + $gain, [...$taken, $hardest]);
        $this->search($gains, $value, $taken);
    }

    /**
     * Takes whoever gains more than all others could lose by it.
     *
     * @param  array<int, float>  $gains
     * @param  list<int>  $taken
     * @return int who is the hardest to decide; below 0: nobody is left
     */
    private function takeSafe(array &$gains, float &$value, array &$taken): int
    {
        do {
            [$hardest, $most, $isChanged] = [-1, -1.0, false];
            $before = $gains;
            foreach ($before as $u => $_) {
                if (! isset($gains[$u])) {
                    continue;
                }
                $loss = $this->lossOfOthers($u, $gains);
                if ($loss <= $gains[$u]) {
                    $value += $gains[$u];
                    $taken[] = $u;
                    $this->take($gains, $u);
                    $isChanged = $isChanged || $loss > 0.0;
                } elseif ($loss > $most) {
                    [$hardest, $most] = [$u, $loss];
                }
            }
        } while ($isChanged);

        return $hardest;
    }

    /**
     * What the others could lose by one at most: by those that are left or by those it is in conflict with, whichever are fewer.
     *
     * @param  array<int, float>  $gains
     */
    private function lossOfOthers(int $u, array $gains): float
    {
        $costs = $this->costs[$u];
        $loss = 0.0;
        if (count($gains) < count($costs)) {
            foreach ($gains as $other => $gain) {
                $cost = $costs[$other] ?? 0.0;
                $loss += $cost < $gain ? $cost : $gain;
            }
        } else {
            foreach ($costs as $other => $cost) {
                $gain = $gains[$other] ?? 0.0;
                $loss += $cost < $gain ? $cost : $gain;
            }
        }

        return $loss;
    }

    /** @param  array<int, float>  $gains */
    private function take(array &$gains, int $u): void
    {
        unset($gains[$u]);
        foreach ($this->costs[$u] as $other => $cost) {
            if (isset($gains[$other])) {
                if ($gains[$other] <= $cost) {
                    unset($gains[$other]);
                } else {
                    $gains[$other] -= $cost;
                }
            }
        }
    }

    /**
     * No set gains more: in a group in which all are in conflict with each
     * other, whoever comes to others saves nothing or less than its gain.
     *
     * @param  array<int, float>  $gains
     */
    private function most(array $gains): float
    {
        $sum = 0.0;
        $groups = [];
        foreach ($gains as $u => $gain) {
            $costs = $this->costs[$u];
            [$group, $saved] = [-1, 0.0];
            foreach ($costs === [] ? [] : $groups as $n => [$gained, $units]) {
                $less = $gain < $gained ? $gain : $gained;
                foreach ($units as $other) {
                    if ($less <= $saved) {
                        break;
                    }
                    $cost = $costs[$other] ?? 0.0;
                    $less = $cost < $less ? $cost : $less;
                }
                if ($less > $saved) {
                    [$group, $saved] = [$n, $less];
                }
            }
            if ($group < 0) {
                $groups[] = [$gain, [$u]];
            } else {
                $groups[$group][0] += $gain - $saved;
                $groups[$group][1][] = $u;
            }
            $sum += $gain - $saved;
        }

        return $sum;
    }
}
