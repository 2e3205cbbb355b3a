<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

use Biomegas\Brood\Brood;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Aggression\OpenCase;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Inspection;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Food\Refusal;
use Biomegas\Losses\CountCurve;
use Biomegas\Measure\Length;
use Biomegas\Measure\Share;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Moving\Sheet\SheetProgress;
use Biomegas\Moving\Sheet\SheetState;
use Biomegas\Moving\Watch\WatchState;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\MeasurementDue;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Supposition;
use Biomegas\Water\Readiness\Readying;
use Biomegas\Water\Test\Alarm;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\UncleanWater;
use Biomegas\Water\Test\WaterTest;
use Biomegas\Water\Test\WaterValue;

/** One thing to do at a system on a day. Each of the makers answers null when nothing is due. */
final readonly class AgendaItem
{
    /** So many days before, a move of a plan is thought of: time to prepare it. Common practice, no published source. */
    private const PLAN_DAYS = 7;

    private function __construct(
        public AgendaKind $kind,
        /** Key of the system at which it is done. */
        public string $system,
        /** Whom or what it is about. */
        public string $name,
        /** What is due; null: the kind says it all. */
        public ?Finding $what,
        public bool $isLate,
        /** Key of the fish it is about; null: a system, or several fish. */
        public ?string $fish = null,
        /** The record it comes from: a watch, a sheet, a quarantine. */
        public ?int $record = null,
        /** @var list<string> what to look at, as the species names it */
        public array $inspect = [],
    ) {
    }

    /** One that is to be taken out at once, or was hurt just now, presses like bad water. */
    public function urgency(): int
    {
        return in_array($this->kind, [AgendaKind::Watch, AgendaKind::Company], true) && $this->isLate ? AgendaKind::Danger->urgency() : $this->kind->urgency();
    }

    /**
     * Water with fish in it.
     *
     * @param  list<Alarm>  $alarms  urgent ones first
     * @param  list<WaterTest>  $tests  by date
     */
    public static function ofWater(System $system, array $alarms, array $tests): ?self
    {
        $first = array_values(array_filter($alarms, fn (Alarm $alarm): bool => $alarm->isUrgent || in_array($alarm->quantity, [Quantity::Ammonia, Quantity::Nitrite], true)))[0] ?? null;
        if ($first !== null) {
            return new self(AgendaKind::Danger, $system->key, $system->name, $first->finding, $first->isUrgent);
        }
        $unclean = UncleanWater::of($tests)[0] ?? null;

        return $unclean === null ? null : new self(AgendaKind::Danger, $system->key, $system->name, Finding::of('today.not_clean', value: WaterValue::of($unclean->quantity, $unclean->value), quantity: $unclean->quantity, found: $unclean->found), false);
    }

    /** Several low counts running make a loss that is not written down yet. */
    public static function ofLowCounts(Fish $shoal, CountCurve $counts): ?self
    {
        return $counts->proposed === null ? null : new self(AgendaKind::Count, $shoal->currentSystem(), $shoal->name, Finding::of('today.low_counts', missing: $counts->proposed->missing, times: count($counts->low)), false, $shoal->key);
    }

    /** The first step of a brood that is due. */
    public static function ofBrood(int $record, System $home, Brood $brood, LocalDate $today): ?self
    {
        foreach ($brood->steps as $step) {
            if ($step->isDueOn($today)) {
                return new self(AgendaKind::Brood, $home->key, $brood->mother->name, Finding::of('today.brood', step: $step->kind), $step->isLateOn($today), $brood->mother->key, $record);
            }
        }

        return null;
    }

    /** @param  array<string, string>  $names  by key */
    public static function ofCase(System $home, OpenCase $case, array $names): self
    {
        return new self(AgendaKind::Company, $home->key, $names[$case->victim], $case->findingOfVictim($names), $case->isFresh, $case->victim);
    }

    /** Never late: it presses every day until a move is planned, and less than what is asked of today. */
    public static function ofOutgrown(Fish $fish, HomesAhead $homes, LocalDate $today): ?self
    {
        $leave = $homes->stays[0]->leave ?? null;
        $next = $homes->next();
        if ($leave === null || $leave->isAfter($today) || $next?->isPlanned === true) {
            return null;
        }
        $what = $next === null
            ? Finding::of('today.leaves_nowhere', home: $homes->stays[0]->system->name)
            : Finding::of('today.leaves', home: $homes->stays[0]->system->name, next: $next->system->name);

        return new self(AgendaKind::Outgrown, $fish->currentSystem(), $fish->name, $what, false, $fish->key);
    }

    /**
     * @param  list<Inspection>  $inspections  of its species
     * @param  array<string, LocalDate>  $last  the last ones, by what was inspected
     */
    public static function ofInspections(Fish $fish, array $inspections, array $last, LocalDate $today): ?self
    {
        $due = array_values(array_filter($inspections, fn (Inspection $inspection): bool => $inspection->isDueOn($today, $last[$inspection->what] ?? $fish->arrived)));

        $what = array_map(fn (Inspection $inspection): string => $inspection->what, $due);

        return $what === [] ? null : new self(
            AgendaKind::Inspection, $fish->currentSystem(), $fish->name,
            Finding::of('today.inspect', what: $what), false, $fish->key, inspect: $what,
        );
    }

    /**
     * What was seen at the last look asks for another, until one finds it well.
     * Daily looks at a fish with signs: common practice, no published source.
     *
     * @param  string|null  $sign  of disease; null: none
     */
    public static function ofSign(Fish $fish, LocalDate $seen, bool $isEating, ?string $sign, LocalDate $today): ?self
    {
        if ($isEating && $sign === null) {
            return null;
        }
        $what = match (true) {
            $sign === null => Finding::of('today.did_not_eat', seen: $seen),
            $isEating => Finding::of('today.sign', sign: $sign, seen: $seen),
            default => Finding::of('today.sign_not_eating', sign: $sign, seen: $seen),
        };

        return new self(AgendaKind::Sign, $fish->currentSystem(), $fish->name, $what, $seen->daysUntil($today) > 1, $fish->key);
    }

    /** Only when it lasts longer than its kind may: a large hunter is not asked about every day. */
    public static function ofRefusal(Fish $fish, Refusal $refusal): ?self
    {
        return $refusal->isBeyondPatience() ? new self(AgendaKind::Sign, $fish->currentSystem(), $fish->name, $refusal->finding(), true, $fish->key) : null;
    }

    /**
     * Those that went into a home in one go are looked at in one go.
     *
     * @param  int  $record  the watch of the first
     * @param  list<array{Fish, WatchState}>  $together
     */
    public static function ofAddition(int $record, System $home, array $together): ?self
    {
        $takeOut = array_values(array_filter($together, fn (array $one): bool => $one[1]->isTakeOut()));
        $due = $takeOut !== [] ? $takeOut : array_values(array_filter($together, fn (array $one): bool => $one[1]->isLookDue));
        if ($due === []) {
            return null;
        }
        [$first, $watch] = $due[0];
        $name = implode(', ', array_map(fn (array $one): string => $one[0]->name, $due));

        return new self(AgendaKind::Watch, $home->key, $name, $watch->settling->finding, $takeOut !== [], count($due) === 1 ? $first->key : null, $record);
    }

    /** @param  string  $who  the names of those that are moved */
    public static function ofMove(int $record, string $who, SheetProgress $sheet, System $from, System $to, LocalDate $today): ?self
    {
        if ($sheet->isDueOn($today)) {
            $what = $sheet->state === SheetState::Begun ? Finding::of('today.move_begun', to: $to->name) : Finding::of('today.move', to: $to->name);

            return new self(AgendaKind::Move, $from->key, $who, $what, $sheet->isLateOn($today), record: $record);
        }
        if ($sheet->until === null || ! $sheet->isStayOverOn($today)) {
            return null;
        }
        $what = $sheet->isTimeOut ? Finding::of('today.time_out', until: $sheet->until) : Finding::of('today.interim', until: $sheet->until);

        return new self(AgendaKind::Interim, $to->key, $who, $what, true, record: $record);
    }

    /**
     * A move of the plan that is followed, when its day is near and no sheet prepares it: on its day, or as soon as the fish is as long as it was to be then.
     *
     * @param  LocalDate  $on  the day that the plan has for it
     * @param  float  $length  its likely length today, millimetres
     */
    public static function ofPlannedMove(PlanMove $move, LocalDate $on, float $length, LocalDate $today): ?self
    {
        $isNear = $today->daysUntil($on) <= self::PLAN_DAYS;
        if (! $isNear && ($move->atLength === null || $length < $move->atLength)) {
            return null;
        }
        $what = $isNear
            ? Finding::of('today.planned_move', to: $move->to->name, on: $on)
            : Finding::of('today.planned_move_by_size', to: $move->to->name, on: $on, length: Length::ofMillimetres($length));

        return new self(AgendaKind::Plan, $move->fish->currentSystem(), $move->fish->name, $what, $on->isBefore($today), Parted::whole($move->fish->key));
    }

    /** What the plan that is followed takes to be done to a home, until it is. */
    public static function ofPlannedMend(Supposition $mend, Facility $facility): ?self
    {
        if ($mend->applyTo($facility) == $facility) {
            return null;
        }

        return new self(AgendaKind::Plan, $mend->at($facility), $facility->systems[$mend->at($facility)]->name, $mend->finding($facility), false);
    }

    /**
     * What the plan that is followed wants done by today before its moves: once for each home, whoever moves there. Of a
     * home that is not there yet it is said where the first comes from.
     *
     * @param  list<PlanMove>  $moves
     * @return list<self>
     */
    public static function ofPlannedSteps(Facility $facility, array $moves): array
    {
        $due = [];
        foreach ($moves as $move) {
            foreach ($move->prepare as [$step, $by]) {
                // What is fitted is one step, however much it is; any other is the same only where all of it is.
                $name = $move->to->key.' '.(isset($step->figures['fittings']) ? $step->code : serialize($step));
                $known = $due[$name] ?? null;
                if (! $by->isAfter($facility->date)) {
                    $due[$name] = new self(
                        AgendaKind::Plan, $known->system ?? (isset($facility->systems[$move->to->key]) ? $move->to->key : $move->from->key), $move->to->name,
                        self::fittedTogether($known?->what, $step), false,
                    );
                }
            }
        }

        return array_values($due);
    }

    /** What two want fitted to one home, each thing once; of any other step the one that is known. */
    private static function fittedTogether(?Finding $known, Finding $step): Finding
    {
        if ($known === null) {
            return $step;
        }
        $fittings = array_filter([...(array) ($known->figures['fittings'] ?? []), ...(array) ($step->figures['fittings'] ?? [])], fn (mixed $one): bool => $one instanceof Fitting);

        return $fittings === [] ? $known : Finding::of('housing.fittings.fit', fittings: array_values(array_column($fittings, null, 'value')));
    }

    /** The plan that is followed no longer fits. */
    public static function ofConcern(Fish $fish, Finding $concern): self
    {
        return new self(AgendaKind::Plan, $fish->currentSystem(), $fish->name, Finding::of('plan.concern.plan_anew', says: $concern), true, Parted::whole($fish->key));
    }

    public static function ofQuarantine(int $record, Fish $fish, QuarantineState $quarantine): ?self
    {
        return $quarantine->isDue()
            ? new self(AgendaKind::Quarantine, $fish->currentSystem(), $fish->name, $quarantine->mayLeave() ? $quarantine->finding() : Finding::of('today.quarantine'), false, $fish->key, $record)
            : null;
    }

    public static function ofPreparation(System $system, Readying $readying, LocalDate $today): ?self
    {
        $next = $readying->preparation->next();

        return $next !== null && $next->isDueOn($today)
            ? new self(AgendaKind::Preparation, $system->key, $system->name, $next->what, $next->isLateOn($today))
            : null;
    }

    /** @param  list<WaterTest>  $tests  of the system */
    public static function ofDailyTests(System $system, DailyTests $daily, array $tests, LocalDate $today): ?self
    {
        return $daily->isDueOn($today, $tests)
            ? new self(AgendaKind::Test, $system->key, $system->name, Finding::of('today.daily_test', until: $daily->until), $daily->isLateOn($today, $tests))
            : null;
    }

    /**
     * The regular change of a system in which somebody lives.
     *
     * @param  LocalDate|null  $last  when its water was changed last
     */
    public static function ofWeeklyChange(System $system, ?LocalDate $last, LocalDate $today, WeekRhythm $rhythm): ?self
    {
        $share = $system->equipment->weeklyChange ?? 0.0;
        $due = $share > 0.0 ? $rhythm->changeDue($last, $today) : null;

        return $due === null ? null : new self(AgendaKind::Change, $system->key, $system->name, Finding::of('today.weekly_change', share: Share::of($share * $rhythm->partOfAWeek())), $due->isBefore($today));
    }

    /** @param  LocalDate|null  $due  null: never */
    public static function ofMeasurement(Fish $fish, ?LocalDate $due, LocalDate $today, WeekRhythm $rhythm = new WeekRhythm): ?self
    {
        if ($due === null || $due->isAfter($today)) {
            return null;
        }
        $isLate = MeasurementDue::isLate($due, $today);
        if (! $isLate && ! $rhythm->measuresOn($today)) {
            return null;
        }

        return new self(
            AgendaKind::Measure, $fish->currentSystem(), $fish->name,
            $isLate ? Finding::of('today.days_late', days: $due->daysUntil($today)) : null, $isLate, $fish->key,
        );
    }
}
