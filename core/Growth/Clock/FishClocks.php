<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;

/** The growth clocks of one fish: through the stays behind it, and ahead in any home. */
final readonly class FishClocks
{
    public function __construct(
        private Facility $facility,
        private Fish $fish,
    ) {
    }

    /**
     * From its first length, or its arrival when it was never measured, until
     * today, through all its stays. Days between two stays count as in the one before.
     */
    public function past(): GrowthClock
    {
        $origin = $this->fish->lengths === [] ? $this->fish->arrived : $this->fish->lengths[0]->date;

        return GrowthClock::fromDailyRates($origin, $this->pastRates($origin));
    }

    /** From today until the horizon, living in this system. */
    public function aheadIn(System $system): GrowthClock
    {
        return GrowthClock::fromDailyRates(
            $this->facility->date,
            $this->growthIn($system)->between($this->facility->date, $this->facility->horizon()),
        );
    }

    /** @return iterable<float> */
    private function pastRates(LocalDate $origin): iterable
    {
        $day = $origin;
        foreach ($this->fish->stays as $i => $stay) {
            $next = $this->fish->stays[$i + 1] ?? null;
            $until = $next === null ? $this->facility->date : $next->from;
            if ($until->isAfter($day)) {
                yield from $this->growthIn($this->facility->systems[$stay->system])->between($day, $until);
                $day = $until;
            }
        }
    }

    private function growthIn(System $system): DailyGrowth
    {
        return DailyGrowth::of($this->fish->species, $system, $this->fish->ration);
    }
}
