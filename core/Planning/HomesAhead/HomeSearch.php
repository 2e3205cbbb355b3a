<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Verdict;

/**
 * Finds the chain of homes for one fish or shoal: what is planned already,
 * then always the smallest that takes it for as long as a stage should last,
 * or at once the one for life, by the method of the facility. An empty home
 * comes before company, and company that may turn on it last. Its growth
 * follows the water of each home in turn; everybody else stays where they are
 * or goes where it is planned.
 */
final readonly class HomeSearch
{
    private const MOST_STAYS = 12;

    private HomeTrial $trial;

    /** @param  LocalDate|null  $notBefore  it may not move before that day; null: any day */
    public function __construct(
        private Facility $facility,
        private GrowthProjection $growth,
        private Fish $fish,
        private Residents $residents,
        private ?LocalDate $notBefore = null,
    ) {
        $this->trial = new HomeTrial($facility, $growth, $fish, $residents);
    }

    /** The homes of one that is to be brought home today. */
    public function find(): HomesAhead
    {
        $first = $this->best($this->facility->date, null, null);

        return $first === null
            ? new HomesAhead([], null, $this->whyNowhere())
            : $this->chain([], $first[0], $first[1]);
    }

    /**
     * The homes of one that lives here.
     *
     * @param  list<PlannedMove>  $settled  of all of it, by date
     */
    public function findFrom(System $home, array $settled, Whereabouts $whereabouts): HomesAhead
    {
        $clock = StayClock::startingOn($this->facility->date, $this->clockIn($home));
        $stay = $this->trial->present($home, $clock);
        $stays = [];
        foreach ($settled as $move) {
            $day = $whereabouts->dayOf($move);
            $stays[] = $stay->endingOn($day, $this->trial->likelyOn($clock, $day));
            $home = $this->facility->systems[$move->to];
            $clock = $clock->movingOn($day, $this->clockIn($home));
            $stay = $this->trial->planned($home, $clock, $day);
        }

        return $this->chain($stays, $stay, $clock);
    }

    /** Brought home today and kept in this system; null when it does not take it now. */
    public function stayFromToday(System $system): ?StayAhead
    {
        return $this->trial->stay($system, $this->fromToday($system), $this->facility->date);
    }

    /** Why this system does not take it now; null when it does. */
    public function refusalOf(System $system): ?Verdict
    {
        return $this->trial->obstacle($system, $this->fromToday($system), $this->facility->date);
    }

    /** The mean length from which it would no longer be swallowed in this system, millimetres; null: that is not what keeps it out, or growing does not help. */
    public function joinFromIn(System $system): ?float
    {
        return $this->trial->joinFrom($system, $this->fromToday($system));
    }

    /** @return list<float> the same of all systems, least first */
    public function joinFrom(): array
    {
        $lengths = array_values(array_unique(array_filter(array_map($this->joinFromIn(...), array_values($this->facility->systems)))));
        sort($lengths);

        return $lengths;
    }

    /** @return list<string> keys of the homes whose residents it has looked at: as they are and will be, they decide what was found */
    public function lookedAt(): array
    {
        return $this->trial->lookedAt();
    }

    /** @param  list<StayAhead>  $stays  those before */
    private function chain(array $stays, StayAhead $stay, StayClock $clock): HomesAhead
    {
        while (true) {
            $stays[] = $stay = $this->heldBack($stay, $clock);
            $next = $stay->move === null || count($stays) >= self::MOST_STAYS ? null : $this->best($stay->move, $stay, $clock);
            if ($next === null) {
                break;
            }
            [$stay, $clock] = $next;
        }

        return new HomesAhead($stays, $stay->leave === null ? null : $this->toBuild($stay->leave), null);
    }

    /** One that may not move yet stays until it may. */
    private function heldBack(StayAhead $stay, StayClock $clock): StayAhead
    {
        return $this->notBefore !== null && $stay->move !== null && $stay->move->isBefore($this->notBefore)
            ? $stay->endingOn($this->notBefore, $this->trial->likelyOn($clock, $this->notBefore))
            : $stay;
    }

    private function toBuild(LocalDate $by): HomeToBuild
    {
        return HomeToBuild::for(
            $this->growth->leading()->species, $this->grown(), $this->fish->count, $by, $this->facility->date, $this->facility->rulebook->holdingFor(null, $this->fish->key),
        );
    }

    /** Greatest length that nine in ten stay below as adults, the largest of a shoal. */
    private function grown(): float
    {
        $adult = $this->growth->leading()->adultLength(LengthBand::HIGH);

        return Shoal::of($this->fish)->largestAt($adult) * $adult;
    }

    /** @return array{StayAhead, StayClock}|null */
    private function best(LocalDate $day, ?StayAhead $before, ?StayClock $clock): ?array
    {
        $open = array_filter($this->facility->systems, fn (System $system): bool => $system->key !== $before?->system->key && $system->isAvailableOn($day) && ! $system->isForQuarantine());
        $clocks = array_map(fn (System $system): StayClock => $clock?->movingOn($day, $this->clockIn($system)) ?? StayClock::startingOn($day, $this->clockIn($system)), $open);
        $until = $this->facility->rulebook->movesToFinalHomeFirst() ? $this->facility->horizon() : $day->plusDays($this->facility->rulebook->stagedDays());
        $choice = (new HomeChoice($this->trial, $day, $open, $clocks, $before))->lastingUntil($until);

        return $choice === null ? null : [$this->trial->stayUntil($choice[1], $choice[0], $clocks[$choice[0]->key], $day), $clocks[$choice[0]->key]];
    }

    private function fromToday(System $system): StayClock
    {
        return StayClock::startingOn($this->facility->date, $this->clockIn($system));
    }

    private function clockIn(System $system): GrowthClock
    {
        return $this->growth->leading()->aheadIn($system);
    }

    /** What the home that comes nearest says against it. */
    private function whyNowhere(): ?Verdict
    {
        $nearest = null;
        foreach ($this->facility->systems as $system) {
            $obstacle = $this->refusalOf($system);
            if ($obstacle !== null && ($nearest === null || $obstacle->rule->order() > $nearest->rule->order())) {
                $nearest = $obstacle;
            }
        }

        return $nearest;
    }
}
