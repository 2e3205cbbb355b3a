<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

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
        $clock = GrowthClock::startingOn($this->fish->lengths === [] ? $this->fish->arrived : $this->fish->lengths[0]->date);
        foreach ($this->fish->stays as $i => $stay) {
            $next = $this->fish->stays[$i + 1] ?? null;
            $clock = $clock->runOn($this->growthIn($this->facility->systems[$stay->system]), $next === null ? $this->facility->date : $next->from);
        }

        return $clock;
    }

    /** From today until the horizon, living in this system. */
    public function aheadIn(System $system): GrowthClock
    {
        return GrowthClock::startingOn($this->facility->date)->runOn($this->growthIn($system), $this->facility->horizon());
    }

    private function growthIn(System $system): DailyGrowth
    {
        return DailyGrowth::of($this->fish->species, $system, $this->fish->ration);
    }
}
