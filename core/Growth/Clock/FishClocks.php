<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;

/** The growth clocks of one fish: through the stays behind it, and ahead in any home. */
final readonly class FishClocks
{
    public function __construct(
        private Facility $facility,
        private Fish $fish,
        /** The kind that it is taken for, which decides how it answers to temperature. */
        private Species $species,
    ) {
    }

    /**
     * From its hatching, else its first length, else its arrival until today,
     * through all its stays. Days before its first stay count as in that one.
     */
    public function past(): GrowthClock
    {
        $clock = GrowthClock::startingOn($this->origin());
        foreach ($this->fish->stays as $i => $stay) {
            $next = $this->fish->stays[$i + 1] ?? null;
            $clock = $clock->runOn(DailyGrowth::of($this->species, $this->facility->systems[$stay->system], $this->fish->ration), $next === null ? $this->facility->date : $next->from);
        }

        return $clock;
    }

    private function origin(): LocalDate
    {
        if ($this->fish->lengths === []) {
            return $this->fish->arrived;
        }

        return $this->fish->hatched ?? $this->fish->lengths[0]->date;
    }

    /** From today until the horizon, living in this system. */
    public function aheadIn(System $system): GrowthClock
    {
        return GrowthClock::startingOn($this->facility->date)->runOn(DailyGrowth::of($this->species, $system, $this->fish->rationAhead ?? $this->fish->ration), $this->facility->horizon());
    }
}
