<?php

declare(strict_types=1);

namespace Biomegas\Housing;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\FloorMethod;
use Biomegas\Facility\Rulebook;
use Biomegas\Facility\RuleParameter;
use Biomegas\Facility\System;
use Biomegas\Measure\Spoken;

/**
 * Crowding on purpose holds only for enough mid-sized fish of like size with
 * extra filter and air; where a condition fails the floor counts as roomy.
 * Common practice, no published source.
 */
final readonly class CrowdedFloor
{
    /** Floor area for each squared length. */
    public static function perSquaredLength(Rulebook $rulebook, System $system, Occupant ...$occupants): float
    {
        $isCrowded = $rulebook->floor() === FloorMethod::Crowded && self::unmet($rulebook, $system, ...$occupants) === null;

        return $rulebook->number($isCrowded ? RuleParameter::FloorCrowded : RuleParameter::FloorRoomy);
    }

    /** The first condition that fails, in words; null when all hold. */
    public static function unmet(Rulebook $rulebook, System $system, Occupant ...$occupants): ?string
    {
        $lengths = array_map(fn (Occupant $one): float => $one->length, $occupants);
        $count = array_sum(array_map(fn (Occupant $one): int => $one->count, $occupants));
        $least = (int) $rulebook->number(RuleParameter::CrowdedLeast);

        return match (true) {
            $lengths === [] || $count < $least => 'fewer than '.Spoken::number($least).' share it',
            max($lengths) > $rulebook->number(RuleParameter::CrowdedLongest) => 'it is for mid-sized fish, and one is larger',
            max($lengths) > $rulebook->number(RuleParameter::CrowdedSizeRatio) * min($lengths) => 'they are not of like size',
            ! $system->has(Fitting::Air) || ! $system->has(Fitting::Flow) => 'it has no extra air and flow',
            default => null,
        };
    }
}
