<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\DoubtfulCompany;
use Biomegas\Company\Mouthful;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Rule\SizeRuleOfHome;
use Biomegas\Housing\Rule\SwallowingRule;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Rulebook\RuleParameter;

/** Holds one fish or shoal against one home, from the day it comes there until it may no longer stay. */
final class HomeTrial
{
    /** Between two looks; what begins between them is found to the day. */
    private const STEP_DAYS = 60;

    /** Years to come are looked at by the season. */
    private const LATER_STEP_DAYS = 120;

    private const LATER = 720;

    private readonly HomeLimits $limits;

    private readonly SpeciesProjection $leading;

    private readonly Shoal $shoal;

    /** @var array<string, float> mean lengths in millimetres, by system */
    private array $greatest = [];

    /** @var array<string, bool> by system */
    private array $holdsGrown = [];

    /** @var array<string, true> by system */
    private array $lookedAt = [];

    private ?Occupant $thoughtOf = null;

    public function __construct(
        private readonly Facility $facility,
        private readonly GrowthProjection $growth,
        private readonly Fish $fish,
        private readonly Residents $residents,
    ) {
        $this->limits = new HomeLimits($facility->rulebook);
        $this->leading = $growth->leading();
        $this->shoal = Shoal::of($fish);
    }

    /** Null when the home does not take it on that day. */
    public function stay(System $system, StayClock $clock, LocalDate $day): ?StayAhead
    {
        $end = $this->endOf($system, $clock, $day);

        return $end === null ? null : $this->stayUntil($end, $system, $clock, $day);
    }

    /** Of a stay that begins on that day; null when the home does not take it then. */
    public function endOf(System $system, StayClock $clock, LocalDate $day): ?EndOfStay
    {
        return $this->obstacle($system, $clock, $day) === null ? $this->end($system, $clock, $day, $this->outgrown($system, $clock)) : null;
    }

    /** Of a stay that begins on that day: by its own size, whoever lives there. */
    public function latestEnd(System $system, StayClock $clock, LocalDate $day): EndOfStay
    {
        $outgrown = $this->outgrown($system, $clock);

        return new EndOfStay($outgrown === null ? null : LocalDate::later($outgrown, $day), null);
    }

    /** All of a stay whose end is known: dearer to tell than its end. */
    public function stayUntil(EndOfStay $end, System $system, StayClock $clock, LocalDate $day): StayAhead
    {
        return $this->from($system, $clock, $day, $end);
    }

    /** Where it lives. */
    public function present(System $system, StayClock $clock): StayAhead
    {
        $today = $this->facility->date;
        $outgrown = $this->holdsGrown($system) ? null : $this->growth->dayReaching(fn (Species $species): float => $this->shoal->meanWhenLargestIs($this->limits->limitIn($system, $species, $this->fish)->millimetres), LengthBand::LOW, $system);

        return $this->from($system, $clock, $today, $this->endOfChosen($system, $clock, $today, $outgrown), livesThere: true);
    }

    /** Where it is to go by a move that is written down, whatever the rules say. */
    public function planned(System $system, StayClock $clock, LocalDate $day): StayAhead
    {
        return $this->from($system, $clock, $day, $this->endOfChosen($system, $clock, $day, $this->outgrown($system, $clock)), true);
    }

    /** Why the home does not take it on that day; null when it does. */
    public function obstacle(System $system, StayClock $clock, LocalDate $day): ?Verdict
    {
        $newcomer = $this->occupantOn($clock, $day);

        return Judgement::obstacleOfWater(new HousingCase($newcomer, $system, [], $this->facility->rulebook))
            ?? Judgement::obstacleIn($this->case($newcomer, $system, $day));
    }

    /** Where it would be swallowed as it is: the mean length from which it may come, millimetres; null: something else stands against it, or growing does not help. */
    public function joinFrom(System $system, StayClock $clock): ?float
    {
        $case = $this->case($this->occupantOn($clock, $this->facility->date), $system, $this->facility->date);

        return Judgement::obstacleIn($case)?->rule === HousingRule::Swallowing ? SwallowingRule::joinFrom($case) : null;
    }

    /** By its size it may be there on that day; a keeper who sets size aside is asked nothing here. */
    public function mayFit(System $system, StayClock $clock, LocalDate $day): bool
    {
        return $this->highOn($clock, $day) <= $this->greatestIn($system)
            || $this->facility->rulebook->holdingFor($system->key, $this->fish->key)->setAside(HousingRule::Size->value) !== null;
    }

    /** Nobody else lives there on that day. */
    public function isEmpty(System $system, LocalDate $day): bool
    {
        return $this->residents->isEmpty($system, $day, $this->fish);
    }

    public function companyRank(System $system, LocalDate $day): CompanyRank
    {
        return match (true) {
            $this->isEmpty($system, $day) => CompanyRank::Nobody,
            DoubtfulCompany::isAnyAmong($this->residentsOf($system, $day), $this->thoughtOf(), $this->facility->rulebook) => CompanyRank::Doubtful,
            default => CompanyRank::Peaceful,
        };
    }

    /** @return list<string> keys of the homes whose residents it has looked at; that nobody is there shows without a look */
    public function lookedAt(): array
    {
        return array_keys($this->lookedAt);
    }

    /** @return list<Occupant> without itself */
    private function residentsOf(System $system, LocalDate $date): array
    {
        $this->lookedAt[$system->key] = true;

        return $this->residents->in($system, $date, $this->fish);
    }

    /** Likely length, millimetres. */
    public function likelyOn(StayClock $clock, LocalDate $date): float
    {
        return $this->leading->lengthAfter($clock->timeOn($date), LengthBand::LIKELY);
    }

    private function from(System $system, StayClock $clock, LocalDate $day, EndOfStay $end, bool $isPlanned = false, bool $livesThere = false): StayAhead
    {
        $leave = $end->leave;
        $wish = $leave === null || $this->holdsGrown($system) ? null : $this->shareReached($system, $clock);
        // A wish that lies behind is no day to plan for: it stays while it fits.
        $move = $wish !== null && $wish->isAfter($day) && $wish->isBefore($leave) ? $wish : $leave;
        $newcomer = $this->occupantOn($clock, $day);

        return new StayAhead(
            $system->named(), $day, $move, $leave, $this->likelyOn($clock, $move ?? $this->facility->horizon()),
            $leave === null && $this->isForLife($system),
            $end->because,
            Judgement::of($this->case($newcomer, $system, $day))->easilyMended(),
            $livesThere ? [] : array_map(fn (Occupant $resident): string => $resident->name, DoubtfulCompany::among($this->residentsOf($system, $day), $newcomer, $this->facility->rulebook)),
            $isPlanned,
        );
    }

    /** @return array{LocalDate|null, LocalDate|null, LocalDate|null} early, likely and late day on which it outgrows the home; null: not within the horizon */
    public function window(System $system, StayClock $clock): array
    {
        return array_map(
            fn (float $share): ?LocalDate => $clock->firstDayWith($this->leading->timeReaching($this->greatestIn($system), $share)),
            [LengthBand::LOW, LengthBand::LIKELY, LengthBand::HIGH],
        );
    }

    /** The day on which it has likely reached the share of the limit at which it should be moved on; null: not within the horizon. */
    public function shareReached(System $system, StayClock $clock): ?LocalDate
    {
        return $clock->firstDayWith($this->leading->timeReaching($this->facility->rulebook->number(RuleParameter::MoveAt) * $this->greatestIn($system), LengthBand::LIKELY));
    }

    /** Grown, it fits, and neither swallows nor is swallowed by the grown others. */
    private function isForLife(System $system): bool
    {
        if (! $this->holdsGrown($system)) {
            return false;
        }
        $grown = self::grown($this->thoughtOf());
        foreach ($this->residentsOf($system, $this->facility->horizon()) as $resident) {
            $other = self::grown($resident);
            if (Mouthful::harm($grown, $other) !== null || Mouthful::harm($other, $grown) !== null) {
                return $this->facility->rulebook->holdingFor($system->key, $this->fish->key)->setAside(HousingRule::Swallowing->value) !== null;
            }
        }

        return true;
    }

    /** By its likely size as an adult, the largest of a shoal, whichever of its species it may be: what is only possible must be watched, not built for. */
    public function holdsGrown(System $system): bool
    {
        return $this->holdsGrown[$system->key] ??= array_sum(array_map(
            fn (array $candidate): float => $candidate[0] * $candidate[1]->shareStayingBelow($this->shoal->meanWhenLargestIs($this->limits->limitIn($system, $candidate[1]->species, $this->fish)->millimetres)),
            $this->growth->candidates,
        )) >= LengthBand::LIKELY;
    }

    private static function grown(Occupant $occupant): Occupant
    {
        return $occupant->ofLength(max($occupant->length, $occupant->species->adultLength->typical));
    }

    /** As it is at this moment, for questions that its size hardly decides. */
    private function thoughtOf(): Occupant
    {
        return $this->thoughtOf ??= $this->shoal->occupant($this->leading->lengthAfter(0.0, LengthBand::LIKELY), species: $this->leading->species);
    }

    /** The first day on which it may be too long for the home; null: not within the horizon, or it holds it for life. */
    public function outgrown(System $system, StayClock $clock): ?LocalDate
    {
        return $this->holdsGrown($system) ? null : $clock->firstDayWith($this->leading->timeReaching($this->greatestIn($system), LengthBand::LOW));
    }

    /** Of a home that it is in by its keeper's will: what speaks against it today counts at once. */
    private function endOfChosen(System $system, StayClock $clock, LocalDate $day, ?LocalDate $outgrown): EndOfStay
    {
        $obstacle = $this->obstacleOfStaying($system, $clock, $day);

        return $obstacle === null ? $this->end($system, $clock, $day, $outgrown) : new EndOfStay($day, $obstacle);
    }

    /**
     * The first day on which something may stand against its staying. Of its
     * own size the outgrow date speaks, which is worked out to the day.
     */
    private function end(System $system, StayClock $clock, LocalDate $day, ?LocalDate $outgrown): EndOfStay
    {
        $last = $outgrown === null ? $this->facility->horizon() : LocalDate::later($outgrown, $day);
        $good = $day;
        while ($good->isBefore($last)) {
            $step = $day->daysUntil($good) < self::LATER ? self::STEP_DAYS : self::LATER_STEP_DAYS;
            $date = $good->plusDays(min($step, $good->daysUntil($last)));
            if ($this->obstacleOfStaying($system, $clock, $date) !== null) {
                return $this->firstDayBetween($good, $date, $system, $clock);
            }
            $good = $date;
        }

        return $outgrown === null ? new EndOfStay(null, null) : new EndOfStay($last, $this->tooLongFor($system));
    }

    private function firstDayBetween(LocalDate $good, LocalDate $bad, System $system, StayClock $clock): EndOfStay
    {
        while ($good->daysUntil($bad) > 1) {
            $middle = $good->plusDays(intdiv($good->daysUntil($bad), 2));
            if ($this->obstacleOfStaying($system, $clock, $middle) === null) {
                $good = $middle;
            } else {
                $bad = $middle;
            }
        }

        return new EndOfStay($bad, $this->obstacleOfStaying($system, $clock, $bad));
    }

    /** What speaks against its staying on that day, its size included; null: nothing. */
    public function objectionOn(System $system, StayClock $clock, LocalDate $date): ?Verdict
    {
        $outgrown = $this->outgrown($system, $clock);

        return $outgrown !== null && ! $date->isBefore($outgrown) ? $this->tooLongFor($system) : $this->obstacleOfStaying($system, $clock, $date);
    }

    private function obstacleOfStaying(System $system, StayClock $clock, LocalDate $date): ?Verdict
    {
        return Judgement::obstacleBesidesSize($this->case($this->occupantOn($clock, $date), $system, $date, true));
    }

    private function tooLongFor(System $system): Verdict
    {
        return SizeRuleOfHome::beyond($this->case($this->thoughtOf(), $system, $this->facility->date));
    }

    /** Greatest mean length that fits, millimetres. */
    private function greatestIn(System $system): float
    {
        return $this->greatest[$system->key] ??= $this->shoal->meanWhenLargestIs($this->limits->limitIn($system, $this->leading->species, $this->fish)->millimetres);
    }

    private function highOn(StayClock $clock, LocalDate $date): float
    {
        return $this->leading->lengthAfter($clock->timeOn($date), LengthBand::HIGH);
    }

    /** Of its likely length, its largest as large as it may be. */
    private function occupantOn(StayClock $clock, LocalDate $date): Occupant
    {
        $likely = $this->likelyOn($clock, $date);

        return $this->shoal->occupant($likely, species: $this->leading->species)->widerBy($this->highOn($clock, $date) / $likely);
    }

    private function case(Occupant $newcomer, System $system, LocalDate $date, bool $livesThere = false): HousingCase
    {
        return new HousingCase($newcomer, $system, $this->residentsOf($system, $date), $this->facility->rulebook, $livesThere);
    }
}
