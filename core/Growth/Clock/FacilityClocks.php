<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Ration;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;

/**
 * The growth clocks of the fish of a facility: through the stays behind each,
 * and ahead in any home. Fish of one kind in one home share theirs.
 */
final class FacilityClocks
{
    /** @var array<string, array{Species, System, DailyGrowth}> by the identities of the first two, which are held so that those stay theirs, and ration */
    private array $growths = [];

    /** @var array<string, GrowthClock> from today until the horizon, by the same */
    private array $ahead = [];

    public function __construct(private readonly Facility $facility)
    {
    }

    /**
     * From its hatching, else its first length, else its arrival until today,
     * through all its stays and rations. Days before its first stay count as in that one.
     *
     * @param  Species  $kind  what it is taken for, which decides how it answers to temperature
     */
    public function past(Fish $fish, Species $kind): GrowthClock
    {
        $clock = GrowthClock::startingOn(self::origin($fish));
        foreach ($fish->stays as $i => $stay) {
            $leaves = isset($fish->stays[$i + 1]) ? $fish->stays[$i + 1]->from : $this->facility->date;
            $system = $this->facility->systems[$stay->system];
            foreach ($fish->rationChanges as $change) {
                if ($change->from->isBefore($leaves)) {
                    $clock = $clock->runOn($this->growthIn($system, $kind, $fish->rationOn($clock->end())), $change->from);
                }
            }
            $clock = $clock->runOn($this->growthIn($system, $kind, $fish->rationOn($clock->end())), $leaves);
        }

        return $clock;
    }

    /** From today until the horizon, living in this system. */
    public function ahead(Fish $fish, Species $kind, System $system): GrowthClock
    {
        $ration = $fish->rationOn($this->facility->date);

        return $this->ahead[self::key($system, $kind, $ration)] ??= GrowthClock::startingOn($this->facility->date)
            ->runOn($this->growthIn($system, $kind, $ration), $this->facility->horizon());
    }

    public function growthIn(System $system, Species $kind, Ration $ration): DailyGrowth
    {
        $shared = $this->growths[self::key($system, $kind, $ration)] ??= [$kind, $system, DailyGrowth::of($kind, $system, $ration)];

        return $shared[2];
    }

    private static function key(System $system, Species $kind, Ration $ration): string
    {
        return spl_object_id($kind).'/'.spl_object_id($system)."/{$ration->value}";
    }

    private static function origin(Fish $fish): LocalDate
    {
        if ($fish->lengths === []) {
            return $fish->arrived;
        }

        return $fish->hatched ?? $fish->lengths[0]->date;
    }
}
