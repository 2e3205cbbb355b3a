<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Sets of units that were the best of a cell at some prices, kept for it and
 * for the same system in the periods around. To choose among them costs next
 * to nothing; finding new ones is what takes the time.
 */
final class KnownSets
{
    /** Of a cell; the one that was found again the longest ago goes first. */
    private const MOST = 80;

    private const PERIODS_AROUND = 2;

    /** @var array<int, array<string, array{float, list<int>}>> by cell and its units in words, overload and conflicts of a set and its units */
    private array $sets = [];

    /** @param  list<Cell>  $cells  by system x periods + period */
    public function __construct(
        private readonly array $cells,
        private readonly int $periods,
    ) {
    }

    /** @param  list<int>  $units */
    public function keep(int $cell, array $units): void
    {
        if ($units === []) {
            return;
        }
        sort($units);
        $key = implode(' ', $units);
        $period = $cell % $this->periods;
        $first = $cell - min($period, self::PERIODS_AROUND);
        $last = $cell + min($this->periods - 1 - $period, self::PERIODS_AROUND);
        for ($near = $first; $near <= $last; $near++) {
            $cost = $this->sets[$near][$key][0] ?? $this->cells[$near]->costOf($units);
            if (is_infinite($cost)) {
                continue;
            }
            unset($this->sets[$near][$key]);
            $this->sets[$near][$key] = [$cost, $units];
            if (count($this->sets[$near]) > self::MOST) {
                array_shift($this->sets[$near]);
            }
        }
    }

    public function hasAny(int $cell): bool
    {
        return isset($this->sets[$cell]);
    }

    /**
     * @param  array<int, array<int, float>>  $gains  by unit and cell
     * @param  array<int, mixed>  $allowed  by unit that may be there
     * @return array{float, list<int>, float} what the best known set costs after its gains, its units, and what they cost; 0 and nobody where none is better
     */
    public function best(int $cell, array $gains, array $allowed): array
    {
        $best = [0.0, [], 0.0];
        foreach ($this->sets[$cell] ?? [] as [$cost, $units]) {
            $worth = $cost;
            foreach ($units as $u) {
                $worth -= $gains[$u][$cell];
            }
            if ($worth < $best[0] && array_diff_key(array_flip($units), $allowed) === []) {
                $best = [$worth, $units, $cost];
            }
        }

        return $best;
    }
}
