<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;

/** Who goes where and when, with what it leaves out of rule and how good it is. */
final readonly class Plan
{
    public function __construct(
        public LocalDate $date,
        /** The day after the last that is looked at. */
        public LocalDate $horizon,
        /** @var list<PlanMove> by day, in working order */
        public array $moves,
        /** @var list<PlanOpening> by the day on which they are needed */
        public array $openings,
        /** @var list<Breach> by day */
        public array $breaches,
        /** @var list<Breach> what would be broken if nobody moved, by day */
        public array $without,
        /** In days out of rule. */
        public float $objective,
        /** No plan that lets the others stay costs less. */
        public float $bound,
        /** No plan that breaks no rule for longer and opens no more does with fewer moves. */
        public int $leastMoves,
        /** @var list<string> keys of the fish that were let stay where they are */
        public array $staying,
        /** @var array<string, System> all that there are and that are to be opened, by key */
        public array $systems,
        /** @var array<string, Itinerary> by fish */
        public array $itineraries,
    ) {
    }

    /** Days out of rule of all fish together. */
    public function daysOutOfRule(): int
    {
        return array_sum(array_map(fn (Breach $breach): int => $breach->days(), $this->breaches));
    }
}
