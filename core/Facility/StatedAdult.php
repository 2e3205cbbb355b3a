<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** The adult length that a keeper states for one fish, in place of what is said of its species. */
final readonly class StatedAdult
{
    /** How far above a stated adult length a measured one may lie: the error of a length taken by eye. */
    private const SLACK = 1.12;

    /**
     * @param  float  $millimetres  in the length kind of its species
     *
     * @throws InvalidEntry on `adult` when the fish has been measured longer
     */
    public static function check(Fish $fish, float $millimetres): void
    {
        foreach ($fish->lengths as $length) {
            if ($length->asStatedFor($fish->species) > self::SLACK * $millimetres) {
                throw InvalidEntry::because('adult', Finding::of('fish.adult_below_measured', day: $length->date));
            }
        }
    }
}
