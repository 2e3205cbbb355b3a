<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

use Biomegas\Calendar\LocalDate;

/** A fish leaves quarantine when the time is up and it eats and shows no sign. Common practice, no published source. */
final readonly class QuarantineState
{
    /** A look older than this says nothing about today. */
    private const LOOK_LASTS_DAYS = 3;

    private const DAYS_PER_WEEK = 7;

    private function __construct(
        public LocalDate $ends,
        /** @var list<string> what is still missing, a sentence each */
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
     */
    public static function of(LocalDate $from, int $needed, int $credit, array $looks, LocalDate $today, ?LocalDate $withdrawal = null): self
    {
        $served = $from->plusDays(max(0, $needed - $credit));
        $ends = $withdrawal === null ? $served : LocalDate::later($served, $withdrawal);
        $last = $looks === [] ? null : $looks[count($looks) - 1];
        $isFresh = $last !== null && $last->date->daysUntil($today) <= self::LOOK_LASTS_DAYS;
        $signs = array_values(array_filter($looks, fn (HealthObservation $one): bool => $one->sign !== null && $one->date->daysUntil($today) < self::DAYS_PER_WEEK));

        return new self($ends, array_values(array_filter([
            $ends->isAfter($today) ? "its time is up on {$ends->inWords()}." : null,
            ! $isFresh ? 'nobody has looked at it in the last three days.' : null,
            $isFresh && ! $last->isEating ? 'it does not eat.' : null,
            $signs !== [] ? "it showed a sign on {$signs[count($signs) - 1]->date->inWords()}: {$signs[count($signs) - 1]->sign}." : null,
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

    public function sentence(): string
    {
        return $this->missing === [] ? 'It may leave: its time is up, it eats and shows no sign.' : ucfirst(implode(' ', array_map(ucfirst(...), $this->missing)));
    }
}
