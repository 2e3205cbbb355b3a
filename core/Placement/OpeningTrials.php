<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Random\Randomizer;

/**
 * Other choices of systems to open, near to that of the best plan: one more,
 * one less, one in place of another. Each is tried as a problem by itself, in
 * which what is opened is paid for and the rest is closed; a search that moves
 * some units at a time does not get from one choice to another, because an
 * opening pays only when many move in.
 */
final class OpeningTrials
{
    private const ROUNDS = 400;

    private const ROUNDS_OF_A_UNIT = 30;

    private const MOST_ROUNDS = 1500;

    private const CHANCE_OF_EXCHANGE = 40;

    /** @var list<int> systems that cost something to open */
    private readonly array $costly;

    /** @var array<string, true> choices that were tried, by key, from the best plan there is */
    private array $tried = [];

    private float $triedFrom = INF;

    public int $rounds = 0;

    public function __construct(
        private readonly Problem $problem,
        private readonly Randomizer $random,
        private readonly Incumbent $incumbent,
    ) {
        $this->costly = array_keys(array_filter($problem->openingCost, fn (float $cost): bool => $cost > 0.0));
    }

    /** @return bool false when there was nothing left to try */
    public function tryOne(Budget $budget, float $share): bool
    {
        $opened = $this->choice();
        if ($opened === null) {
            return false;
        }
        $decided = $this->problem->withOpenings($opened);
        $best = new Incumbent;
        $improvement = new Improvement($decided, $this->random, $best);
        if ($improvement->unitWithoutPath() === null) {
            $rounds = min(self::MOST_ROUNDS, max(self::ROUNDS, self::ROUNDS_OF_A_UNIT * count($this->problem->units)));
            $improvement->run($improvement->repair($this->incumbent->paths), $rounds, $budget->quietly(), $share);
            $this->rounds += $improvement->rounds;
            $this->incumbent->offer(Occupancy::of($this->problem, $best->paths));
        }

        return true;
    }

    /** @return list<int>|null systems to open, near to the best plan and not tried from there; null: none found */
    private function choice(): ?array
    {
        if ($this->costly === []) {
            return null;
        }
        if ($this->incumbent->cost < $this->triedFrom) {
            [$this->tried, $this->triedFrom] = [[], $this->incumbent->cost];
        }
        $used = array_unique(array_merge(...array_values($this->incumbent->paths)));
        $now = array_values(array_intersect($this->costly, $used));
        $this->tried[implode(',', $now)] = true;
        for ($try = 0; $try < 4 * count($this->costly) ** 2; $try++) {
            $changed = [$this->costly[$this->random->getInt(0, count($this->costly) - 1)]];
            if ($this->random->getInt(1, 100) <= self::CHANCE_OF_EXCHANGE) {
                $changed[] = $this->costly[$this->random->getInt(0, count($this->costly) - 1)];
            }
            $opened = array_merge(array_diff($now, $changed), array_diff($changed, $now));
            sort($opened);
            $key = implode(',', $opened);
            if (! isset($this->tried[$key])) {
                $this->tried[$key] = true;

                return $opened;
            }
        }

        return null;
    }
}
