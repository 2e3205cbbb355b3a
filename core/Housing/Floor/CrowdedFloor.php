<?php

declare(strict_types=1);

namespace Biomegas\Housing\Floor;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\FloorMethod;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

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

    /** How many times the fish of a roomy floor it can hold at most, by the school: when all who live there meet the conditions. */
    public static function mostRoomFor(Rulebook $rulebook, System $system): float
    {
        $mayCrowd = $rulebook->floor() === FloorMethod::Crowded && $system->has(Fitting::Air) && $system->has(Fitting::Flow);

        return $mayCrowd ? $rulebook->number(RuleParameter::FloorRoomy) / $rulebook->number(RuleParameter::FloorCrowded) : 1.0;
    }

    /** The first condition that fails; null when all hold. */
    public static function unmet(Rulebook $rulebook, System $system, Occupant ...$occupants): ?Finding
    {
        $lengths = array_map(fn (Occupant $occupant): float => $occupant->length, $occupants);
        $count = array_sum(array_map(fn (Occupant $occupant): int => $occupant->count, $occupants));
        $least = (int) $rulebook->number(RuleParameter::CrowdedLeast);

        return match (true) {
            $lengths === [] || $count < $least => Finding::of('housing.crowding.too_few', least: $least),
            max($lengths) > $rulebook->number(RuleParameter::CrowdedLongest) => Finding::of('housing.crowding.too_large'),
            max($lengths) > $rulebook->number(RuleParameter::CrowdedSizeRatio) * min($lengths) => Finding::of('housing.crowding.unlike'),
            ! $system->has(Fitting::Air) || ! $system->has(Fitting::Flow) => Finding::of('housing.crowding.no_air'),
            default => null,
        };
    }
}
