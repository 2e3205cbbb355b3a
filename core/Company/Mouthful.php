<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Housing\Verdict\Occupant;

/**
 * Anything that fits in a mouth is food. A prey shorter than the mouth ratio
 * times its predator's length is swallowed; deep bodies count as longer.
 */
final readonly class Mouthful
{
    public static function swallows(Occupant $predator, Occupant $prey): bool
    {
        return $predator->fish !== $prey->fish && self::room($predator) > self::girth($prey);
    }

    /** What the largest of them can swallow, millimetres of a usual body. */
    private static function room(Occupant $predator): float
    {
        return $predator->species->habits->mouthRatio * $predator->longest();
    }

    /** Length that the smallest of the prey stands for in a mouth. */
    private static function girth(Occupant $prey): float
    {
        $smallest = $prey->length / $prey->largest;

        return $smallest * max(1.0, $prey->species->needs->bodyDepth() / HousingNeeds::USUAL_BODY_DEPTH);
    }
}
