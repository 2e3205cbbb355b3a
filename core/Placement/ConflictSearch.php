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

    /** @var list<int> places of the best */
    private array $chosen = [];

    /** @var list<list<float>> cost by the places of two of those asked about, 0 for none and with itself: what is looked at in every branch lies side by side */
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
        $units = array_keys($gains);
        $this->costs = [];
        foreach ($units as $one) {
            $together = $this->together[$one] ?? [];
            $costs = [];
            foreach ($units as $other) {
                $costs[] = $together[$other] ?? 0.0;
            }
            $this->costs[] = $costs;
        }
        $open = array_values($gains);
        [$this->best, $this->chosen, $this->branches] = [0.0, [], 0];
        $most = $this->most($open);
        $this->search($open, 0.0, []);
        $best = array_map(fn (int $place): int => $units[$place], $this->chosen);

        return $this->branches > self::MOST_BRANCHES ? [$most, $best, false] : [$this->best, $best, true];
    }

    /**
     * @param  array<int, float>  $gains  by place, of those still open, less what those taken cost them
     * @param  list<int>  $taken  places
     */
    private function search(array $gains, float $value, array $taken): void
    {
        $hardest = $this->takeSafe($gains, $value, $taken);
        if ($value > $this->best) {
            [$this->best, $this->chosen] = [$value, $taken];
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
     * @return int the place of who is the hardest to decide; below 0: nobody is left
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
                $costs = $this->costs[$u];
                $loss = 0.0;
                foreach ($gains as $other => $gain) {
                    $cost = $costs[$other];
                    $loss += $cost < $gain ? $cost : $gain;
                }
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

    /** @param  array<int, float>  $gains */
    private function take(array &$gains, int $u): void
    {
        unset($gains[$u]);
        $costs = $this->costs[$u];
        foreach ($gains as $other => $gain) {
            $cost = $costs[$other];
            if ($cost > 0.0) {
                if ($gain <= $cost) {
                    unset($gains[$other]);
                } else {
                    $gains[$other] = $gain - $cost;
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
            foreach ($groups as $n => [$gained, $members]) {
                $less = $gain < $gained ? $gain : $gained;
                foreach ($members as $other) {
                    if ($less <= $saved) {
                        break;
                    }
                    $cost = $costs[$other];
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
