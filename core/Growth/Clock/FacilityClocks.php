<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Rulebook\Ration;

/**
 * The growth clocks of the fish of a facility: through the stays behind each,
 * and ahead in any home. Fish of one species in one home share theirs.
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
     * @param  Species  $species  what it is taken for, which decides how it answers to temperature
     */
    public function past(Fish $fish, Species $species): GrowthClock
    {
        $clock = GrowthClock::startingOn(self::origin($fish));
        foreach ($fish->stays as $i => $stay) {
            $leaves = isset($fish->stays[$i + 1]) ? $fish->stays[$i + 1]->from : $this->facility->date;
            $system = $this->facility->system($stay->system);
            foreach ($fish->rationChanges as $change) {
                if ($change->from->isBefore($leaves)) {
                    $clock = $this->runOn($clock, $fish, $species, $system, $change->from);
                }
            }
            $clock = $this->runOn($clock, $fish, $species, $system, $leaves);
        }

        return $clock;
    }

    /** On one ration in one system; where it is written down what was eaten, by that. */
    private function runOn(GrowthClock $clock, Fish $fish, Species $species, System $system, LocalDate $until): GrowthClock
    {
        $ration = $fish->rationOn($clock->end());
        $growth = $this->growthIn($system, $species, $ration);
        foreach ($fish->fed as $span) {
            $ends = $span->until->isBefore($until) ? $span->until : $until;
            if ($ends->isAfter($clock->end()) && $span->from->isBefore($until)) {
                $clock = $clock->runOn($growth, $span->from)->runOn($growth->times(FedGrowth::of($ration, $span->eaten, $this->facility->rulebook)), $ends);
            }
        }

        return $clock->runOn($growth, $until);
    }

    /** From today until the horizon, living in this system. */
    public function ahead(Fish $fish, Species $species, System $system): GrowthClock
    {
        $ration = $fish->rationOn($this->facility->date);

        return $this->ahead[self::key($system, $species, $ration)] ??= GrowthClock::startingOn($this->facility->date)
            ->runOn($this->growthIn($system, $species, $ration), $this->facility->horizon());
    }

    public function growthIn(System $system, Species $species, Ration $ration): DailyGrowth
    {
        $shared = $this->growths[self::key($system, $species, $ration)] ??= [$species, $system, DailyGrowth::of($species, $system, $ration)];

        return $shared[2];
    }

    private static function key(System $system, Species $species, Ration $ration): string
    {
        return spl_object_id($species).'/'.spl_object_id($system)."/{$ration->value}";
    }

    private static function origin(Fish $fish): LocalDate
    {
        $first = $fish->lengths->first();

        return $first === null ? $fish->arrived : $fish->hatched ?? $first->date;
    }
}
