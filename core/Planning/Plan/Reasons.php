<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Share;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** Why a plan moves a fish: what the home it leaves says if it stayed, everybody else as planned. */
final readonly class Reasons
{
    /** What begins within so many days after a move is why it is made. */
    private const SOON_DAYS = 70;

    public function __construct(
        private PlanCheck $check,
        private Rulebook $rulebook,
        /** @var list<PlannedStay> who must be where, and when */
        private array $fixed,
    ) {
    }

    /**
     * @param  list<string>  $comers  names of those who come to the home it leaves
     * @return non-empty-list<Finding>
     */
    public function of(Itinerary $itinerary, System $from, System $to, LocalDate $on, array $comers): array
    {
        $fish = $itinerary->lodger->fish;
        $trial = $this->check->trialOf($fish);
        $clock = $itinerary->stayOn($on->plusDays(-1))[2];
        $stay = $trial->planned($from, $clock, $on);
        $soon = $on->plusDays(self::SOON_DAYS);
        $isOver = $stay->leave !== null && ! $stay->leave->isAfter($soon);
        $close = $itinerary->lodger->isForLifeIn($from) ? null : $trial->shareReached($from, $clock);
        $reasons = array_values(array_filter([
            $this->isFixed($fish->key, $to, $on) ? Finding::of('plan.reason.fixed') : null,
            $isOver ? $stay->because?->finding : null,
            ! $isOver && $close !== null && ! $close->isAfter($soon)
                ? Finding::of('plan.reason.share_reached', fish: $fish->name, system: $from->name, share: Share::of($this->rulebook->number(RuleParameter::MoveAt)))
                : null,
            $comers === [] ? null : Finding::of('plan.reason.makes_room', system: $from->name, comers: $comers),
            $itinerary->lodger->isForLifeIn($to) && ! $itinerary->lodger->isForLifeIn($from) ? Finding::of('plan.reason.for_life', system: $to->name) : null,
        ]));

        return $reasons === [] ? [Finding::of('plan.reason.shares_room', system: $from->name)] : $reasons;
    }

    private function isFixed(string $fish, System $to, LocalDate $on): bool
    {
        foreach ($this->fixed as $stay) {
            if ($stay->fish === $fish && $stay->system === $to->key && $stay->covers($on)) {
                return true;
            }
        }

        return false;
    }
}
