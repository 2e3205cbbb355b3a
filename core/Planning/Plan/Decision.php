<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;

/** What a plan decides. It is kept as it is; everything else follows from it and from what is known on the day it is read. */
final readonly class Decision
{
    public function __construct(
        /** @var list<DecidedMove> by day, in working order */
        public array $moves,
        /** @var list<System> homes to build that it uses */
        public array $built,
        /** The day after the last that it looks at. */
        public LocalDate $horizon,
        /** In points: see Weights. */
        public float $objective = 0.0,
        /** No plan that lets the others stay costs less. */
        public float $bound = 0.0,
        /** No plan that breaks no rule for longer and opens no more does with fewer moves. */
        public int $leastMoves = 0,
        /** @var list<string> keys of the fish that were let stay where they are */
        public array $staying = [],
    ) {
    }

    /**
     * The same, but for one fish, whose moves are these.
     *
     * @param  list<DecidedMove>  $moves  by day
     */
    public function movingInstead(string $fish, array $moves): self
    {
        $all = [...array_values(array_filter($this->moves, fn (DecidedMove $move): bool => $move->fish !== $fish)), ...$moves];
        usort($all, fn (DecidedMove $a, DecidedMove $b): int => $b->on->daysUntil($a->on));

        return new self($all, $this->built, $this->horizon);
    }

    /** @return list<PlannedStay> of those who move, from their first move on: what another plan can begin with */
    public function stays(): array
    {
        $stays = [];
        foreach ($this->moves as $i => $move) {
            $next = array_values(array_filter(array_slice($this->moves, $i + 1), fn (DecidedMove $later): bool => $later->fish === $move->fish))[0] ?? null;
            $stays[] = new PlannedStay($move->fish, $move->to, $move->on, $next?->on);
        }

        return $stays;
    }
}
