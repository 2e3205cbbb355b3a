<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** A fish leaves quarantine when the time is up and it eats and shows no sign. Common practice, no published source. */
final readonly class QuarantineState
{
    /** A look older than this says nothing about today. */
    private const LOOK_LASTS_DAYS = 3;

    private function __construct(
        public LocalDate $ends,
        /** @var list<Finding> what is still missing */
        public array $missing,
        /** It has not been looked at today. */
        public bool $wantsLook,
    ) {
    }

    /**
     * @param  int  $needed  days, by the school of the facility
     * @param  int  $credit  days already served at the seller's
     * @param  list<HealthObservation>  $looks  at this fish since it came, by date
     * @param  LocalDate|null  $withdrawal  the day until which a treatment works on; null: none
     * @param  int  $clean  days without a sign and without a dose at its end
     * @param  LocalDate|null  $dosed  the day of the last dose; null: none
     */
    public static function of(LocalDate $from, int $needed, int $credit, array $looks, LocalDate $today, ?LocalDate $withdrawal = null, int $clean = 0, ?LocalDate $dosed = null): self
    {
        $signs = array_filter($looks, fn (HealthObservation $observation): bool => $observation->sign !== null);
        $lastSign = $signs === [] ? null : end($signs)->date;
        $ends = array_reduce(
            array_filter([$withdrawal, $dosed?->plusDays($clean), $lastSign?->plusDays($clean)]),
            LocalDate::later(...), $from->plusDays(max(0, $needed - $credit)),
        );
        $last = $looks === [] ? null : $looks[count($looks) - 1];
        $isFresh = $last !== null && $last->date->daysUntil($today) <= self::LOOK_LASTS_DAYS;
        $signs = array_values(array_filter($looks, fn (HealthObservation $observation): bool => $observation->sign !== null && $observation->date->daysUntil($today) < LocalDate::DAYS_PER_WEEK));

        return new self($ends, array_values(array_filter([
            $ends->isAfter($today) ? Finding::of('quarantine.time', ends: $ends) : null,
            ! $isFresh ? Finding::of('quarantine.no_look', days: self::LOOK_LASTS_DAYS) : null,
            $isFresh && ! $last->isEating ? Finding::of('quarantine.not_eating') : null,
            $signs !== [] ? Finding::of('quarantine.sign', day: $signs[count($signs) - 1]->date, sign: (string) $signs[count($signs) - 1]->sign) : null,
        ])), $last === null || $last->date->isBefore($today));
    }

    /** Once a day, and when it may go. */
    public function isDue(): bool
    {
        return $this->wantsLook || $this->mayLeave();
    }

    public function mayLeave(): bool
    {
        return $this->missing === [];
    }

    public function finding(): Finding
    {
        return $this->missing === [] ? Finding::of('quarantine.may_leave') : Finding::of('quarantine.must_stay', missing: $this->missing);
    }
}
