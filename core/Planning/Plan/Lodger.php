<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\HomeTrial;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\Residents;

/** A fish or shoal that a plan finds homes for. */
final readonly class Lodger
{
    private HomeTrial $alone;

    public System $home;

    private Shoal $shoal;

    public function __construct(
        private Facility $facility,
        public Fish $fish,
        public GrowthProjection $growth,
        public LengthsAhead $ahead,
    ) {
        $this->home = $facility->system($fish->currentSystem());
        $this->alone = $this->trialAmong(new Residents(fn (): array => []));
        $this->shoal = Shoal::of($fish);
    }

    public function trialAmong(Residents $residents): HomeTrial
    {
        return new HomeTrial($this->facility, $this->growth, $this->fish, $residents);
    }

    public function bandOn(LocalDate $date): LengthBand
    {
        return $this->ahead->bandOn($date);
    }

    /** Of its likely length. */
    public function occupantOn(LocalDate $date): Occupant
    {
        return $this->shoal->occupant($this->ahead->on($date));
    }

    /** Of its likely length, its largest as large as it may be: as the judge takes one who is judged. */
    public function judgedOn(LocalDate $date): Occupant
    {
        $band = $this->ahead->bandOn($date);

        return $this->shoal->occupant($band->likely)->widerBy($band->high / $band->likely);
    }

    /** The clock of one that lives in this system from today on. */
    public function clockIn(System $system): StayClock
    {
        return StayClock::startingOn($this->facility->date, $this->growth->leading()->aheadIn($system));
    }

    /**
     * The first day on which it may be too long for the system, whether it grew
     * up in it or at home; null: not within the horizon, or it holds it for life.
     */
    public function outgrows(System $system): ?LocalDate
    {
        return $this->sooner($system, $this->alone->outgrown(...));
    }

    /** The day on which it should be moved on, at a share of the limit; null: as outgrown. */
    public function shouldLeave(System $system): ?LocalDate
    {
        return $this->alone->holdsGrown($system) ? null : $this->sooner($system, $this->alone->shareReached(...));
    }

    public function isForLifeIn(System $system): bool
    {
        return $this->alone->holdsGrown($system);
    }

    /** @param  callable(System, StayClock): ?LocalDate  $dayIn */
    private function sooner(System $system, callable $dayIn): ?LocalDate
    {
        $days = [$dayIn($system, $this->clockIn($system)), $system->key === $this->home->key ? null : $dayIn($system, $this->clockIn($this->home))];
        $days = array_values(array_filter($days));
        usort($days, fn (LocalDate $a, LocalDate $b): int => $b->daysUntil($a));

        return $days[0] ?? null;
    }
}
