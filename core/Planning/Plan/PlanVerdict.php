<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Finding\Finding;

/** What comes first of a plan, and how good it is, as a keeper asks it. */
final readonly class PlanVerdict
{
    /** @param  int  $without  days out of rule if nothing but what is written down is done */
    public function __construct(
        private Plan $plan,
        private int $without,
        /** It was worked out; else it is only what is written down. */
        private bool $isWorkedOut,
    ) {
    }

    /** @return non-empty-list<Finding> */
    public function findings(): array
    {
        return [$this->first(), ...array_values(array_filter([$this->outOfRule(), $this->isWorkedOut ? $this->moves() : null, $this->staying()]))];
    }

    private function first(): Finding
    {
        $move = $this->plan->moves[0] ?? null;
        $breach = $this->plan->breaches[0] ?? null;

        return match (true) {
            $move !== null && $move->on->equals($this->plan->date) => Finding::of('plan.first_today', fish: $move->fish->name, to: $move->to->name, moves: count($this->plan->moves)),
            $move !== null => Finding::of('plan.first', fish: $move->fish->name, to: $move->to->name, on: $move->on, moves: count($this->plan->moves)),
            $breach !== null && $breach->from->equals($this->plan->date) => Finding::of('plan.broken_today', fish: $breach->fish->name, system: $breach->system->name),
            $breach !== null => Finding::of('plan.broken', fish: $breach->fish->name, system: $breach->system->name, on: $breach->from),
            default => Finding::of('plan.nothing', until: $this->plan->decision->horizon),
        };
    }

    private function outOfRule(): ?Finding
    {
        $days = $this->plan->daysOutOfRule();

        return match (true) {
            ! $this->isWorkedOut => $days === 0 ? null : Finding::of('plan.out_of_rule_as_it_is', days: $days),
            $this->without === 0 => null,
            $days === 0 => Finding::of('plan.keeps_all', without: $this->without),
            default => Finding::of('plan.out_of_rule', days: $days, without: $this->without),
        };
    }

    private function moves(): ?Finding
    {
        $decision = $this->plan->decision;
        $moves = count($decision->moves);

        return match (true) {
            $moves === 0, $decision->leastMoves === 0 => null,
            $decision->leastMoves >= $moves => Finding::of('plan.fewest', moves: $moves),
            default => Finding::of('plan.not_fewest', moves: $moves, least: $decision->leastMoves),
        };
    }

    private function staying(): ?Finding
    {
        $staying = count($this->plan->decision->staying);

        return $this->isWorkedOut && $this->plan->moves !== [] && $staying > 0 ? Finding::of('plan.staying', count: $staying) : null;
    }
}
