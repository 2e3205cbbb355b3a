<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Rule\SizeRuleOfHome;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Rulebook\RuleParameter;

/**
 * Finds the chain of homes for one fish or shoal: always the smallest that
 * takes it for as long as a stage should last, or at once the one for life, by
 * the school of the facility. Its growth follows the water of each home in
 * turn; everybody else stays where they are.
 */
final readonly class HomeSearch
{
    private const MOST_STAYS = 12;

    private const STEP_DAYS = 30;

    /** Years to come are looked at by the season. */
    private const LATER_STEP_DAYS = 90;

    private const LATER = 720;

    private const JUST_PAST = 1.0001;

    private Shoal $shoal;

    private HomeLimits $limits;

    public function __construct(
        private Facility $facility,
        private SpeciesProjection $growth,
        private Fish $fish,
        private Residents $residents,
    ) {
        $this->shoal = Shoal::of($fish);
        $this->limits = new HomeLimits($facility->rulebook);
    }

    /** @param  System|null  $home  where it lives already; null: it is to be brought home today */
    public function find(?System $home = null): HomesAhead
    {
        $today = $this->facility->date;
        $clock = GrowthClock::startingOn($today);
        $stay = $home === null ? $this->best($clock, $today, null) : $this->stayIn($home, $clock, $today, true);
        if ($stay === null) {
            return new HomesAhead([], null, $this->whyNowhere());
        }
        $stays = [];
        while ($stay !== null) {
            $stays[] = $last = $stay;
            $stay = null;
            if ($last->move !== null && count($stays) < self::MOST_STAYS) {
                $clock = $clock->runOn($this->growth->dailyGrowthIn($last->system), $last->move);
                $stay = $this->best($clock, $last->move, $last);
            }
        }

        return new HomesAhead($stays, $last->leave === null ? null : HomeToBuild::for(
            $this->growth->species, $this->grown(), $last->leave, $today, $this->facility->rulebook->holdingFor(null, $this->fish->key),
        ), null);
    }

    /** Brought home today and kept in this system; null when it does not take it now. */
    public function stayFromToday(System $system): ?StayAhead
    {
        return $this->stayIn($system, GrowthClock::startingOn($this->facility->date), $this->facility->date, false);
    }

    /** Why this system does not take it now; null when it does. */
    public function refusalOf(System $system): ?Verdict
    {
        return $this->judge($system, GrowthClock::startingOn($this->facility->date), $this->facility->date)->obstacle();
    }

    /** Greatest length that nine in ten stay below as adults, the largest of a shoal. */
    private function grown(): float
    {
        $adult = $this->growth->adultLengthsAtLevels();

        return $this->shoal->largest * SpeciesProjection::pick($adult, LengthBand::HIGH);
    }

    private function best(GrowthClock $clock, LocalDate $day, ?StayAhead $before): ?StayAhead
    {
        $lasting = [];
        foreach ($this->facility->systems as $system) {
            if ($system->key !== $before?->system->key && $system->isAvailableOn($day)) {
                $stay = $this->stayIn($system, $clock, $day, false);
                if ($stay !== null && self::outlasts($stay, $before)) {
                    $lasting[] = $stay;
                }
            }
        }
        usort($lasting, fn (StayAhead $a, StayAhead $b): int => $a->system->floorArea() <=> $b->system->floorArea());
        $until = $day->plusDays($this->facility->rulebook->stagedDays());
        $enough = $this->facility->rulebook->movesToFinalHomeFirst()
            ? fn (StayAhead $stay): bool => $stay->leave === null
            : fn (StayAhead $stay): bool => $stay->leave === null || ! $stay->leave->isBefore($until);

        return array_values(array_filter($lasting, $enough))[0] ?? self::longest($lasting);
    }

    private static function outlasts(StayAhead $stay, ?StayAhead $before): bool
    {
        return $before?->leave === null || $stay->leave === null || $stay->leave->isAfter($before->leave);
    }

    /** @param  list<StayAhead>  $stays */
    private static function longest(array $stays): ?StayAhead
    {
        usort($stays, fn (StayAhead $a, StayAhead $b): int => [$b->leave?->toIso() ?? '9999'] <=> [$a->leave?->toIso() ?? '9999']);

        return $stays[0] ?? null;
    }

    /** Null when the home does not take it on that day; one that lives there already is not asked. */
    private function stayIn(System $system, GrowthClock $clock, LocalDate $day, bool $livesThere): ?StayAhead
    {
        $here = $clock->runOn($this->growth->dailyGrowthIn($system), $this->facility->horizon());
        $now = $this->judge($system, $here, $day);
        if ($now->obstacle() !== null && ! $livesThere) {
            return null;
        }
        [$leave, $because] = $this->end($system, $here, $day);
        $wish = $here->firstDayWith($this->growth->timeReaching($this->moveAt($system), LengthBand::LIKELY));
        // A wish that lies behind is no day to plan for: it stays while it fits.
        $move = $wish !== null && $wish->isAfter($day) && ($leave === null || $wish->isBefore($leave)) ? $wish : $leave;

        $isForLife = $leave === null && $this->growth->shareStayingBelow($this->limitIn($system) / $this->shoal->largest) >= LengthBand::HIGH;

        $end = $leave === null ? null : $move;

        return new StayAhead($system, $day, $end, $leave, $this->likelyOn($here, $end ?? $this->facility->horizon()), $isForLife, $because, $now->easilyMended());
    }

    private function likelyOn(GrowthClock $clock, LocalDate $date): float
    {
        return SpeciesProjection::pick($this->growth->lengthsAfter($clock->timeOn($date)), LengthBand::LIKELY);
    }

    /** The share of the limit at which it should be moved on, as a mean length. */
    private function moveAt(System $system): float
    {
        return $this->facility->rulebook->number(RuleParameter::MoveAt) * $this->limitIn($system) / $this->shoal->largest;
    }

    private function limitIn(System $system): float
    {
        return $this->limits->limitIn($system, $this->growth->species, $this->fish)->millimetres;
    }

    /**
     * The first day on which something may stand against its staying.
     *
     * @return array{LocalDate|null, Verdict|null}
     */
    private function end(System $system, GrowthClock $here, LocalDate $day): array
    {
        $outgrown = $here->firstDayWith($this->growth->timeReaching($this->limitIn($system) / $this->shoal->largest, LengthBand::LOW));
        for ($after = self::STEP_DAYS; ; $after += $after < self::LATER ? self::STEP_DAYS : self::LATER_STEP_DAYS) {
            $date = $day->plusDays($after);
            $isOutgrown = $outgrown !== null && ! $outgrown->isAfter($date);
            if ($isOutgrown || $date->isAfter($this->facility->horizon())) {
                return $outgrown === null ? [null, null] : [LocalDate::later($outgrown, $day), $this->tooLongFor($system)];
            }
            $obstacle = $this->judge($system, $here, $date)->obstacle();
            if ($obstacle !== null) {
                return [$date, $obstacle];
            }
        }
    }

    private function tooLongFor(System $system): Verdict
    {
        $past = self::JUST_PAST * $this->limitIn($system);

        return (new SizeRuleOfHome)->judge($this->case(new Occupant($this->fish->name, $this->growth->species, $past, 1, 1.0, $this->fish->key), $system, $this->facility->date));
    }

    private function judge(System $system, GrowthClock $here, LocalDate $date): Judgement
    {
        $lengths = $this->growth->lengthsAfter($here->timeOn($date));
        $likely = SpeciesProjection::pick($lengths, LengthBand::LIKELY);
        $long = SpeciesProjection::pick($lengths, LengthBand::HIGH);
        $newcomer = new Occupant($this->fish->name, $this->growth->species, $likely, $this->fish->count, $this->shoal->largest * $long / $likely, $this->fish->key);

        return Judgement::of($this->case($newcomer, $system, $date));
    }

    private function case(Occupant $newcomer, System $system, LocalDate $date): HousingCase
    {
        return new HousingCase($newcomer, $system, $this->residents->in($system, $date, $this->fish), $this->facility->rulebook);
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
