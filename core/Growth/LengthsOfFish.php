<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Species;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Fit\Observation;

/** The measured lengths of a fish as the fit sees them. */
final readonly class LengthsOfFish
{
    /** A hatchling's share of its adult length, and how little more is known of it. From memory, no published source. */
    private const HATCHLING_SHARE = 0.012;

    private const HATCHLING_ERROR = 0.5;

    /**
     * A known day of hatching counts as a first length, which was small.
     *
     * @return list<Observation> by growth time, the first at zero
     */
    public static function observed(Fish $fish, Species $species, GrowthClock $clock): array
    {
        $lengths = array_map(fn (MeasuredLength $entry): Observation => new Observation(
            $clock->timeOn($entry->date),
            log($entry->asStatedFor($species)),
            $entry->relativeErrorFor($species),
        ), $fish->lengths);

        return $fish->hatched === null || $lengths === []
            ? $lengths
            : [new Observation(0.0, log(self::HATCHLING_SHARE * $species->adultLength->typical), self::HATCHLING_ERROR), ...$lengths];
    }
}
