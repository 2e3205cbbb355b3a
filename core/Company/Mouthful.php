<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Diet;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\Length;

/**
 * Anything that fits in a mouth is food. A prey shorter than the mouth ratio
 * times its predator's length is swallowed; deep bodies count as longer.
 */
final readonly class Mouthful
{
    /** Room for a quarter more is close to a meal. Judgement. */
    private const NEAR = 1.25;

    public static function swallows(Occupant $predator, Occupant $prey): bool
    {
        return self::isHunted($predator, $prey) && self::room($predator) > self::girth($prey);
    }

    /** What one does to another in one home; null: nothing that sizes decide. */
    public static function harm(Occupant $predator, Occupant $prey): ?Finding
    {
        return match (true) {
            self::swallows($predator, $prey) => Finding::of(
                'company.swallows',
                predator: $predator->name, long: Length::ofMillimetres($predator->longest()), prey: $prey->name, short: Length::ofMillimetres($prey->length),
            ),
            $predator->species->habits->bitesPieces && self::isHunted($predator, $prey) => Finding::of('company.bites', predator: $predator->name, prey: $prey->name),
            default => null,
        };
    }

    /** Mean length from which the prey no longer fits into this mouth, millimetres. */
    public static function safeFrom(Occupant $predator, Occupant $prey): float
    {
        return self::room($predator) / self::girth($prey) * $prey->length;
    }

    /** It fits already, or will as soon as one of them is a little longer. */
    public static function isNear(Occupant $predator, Occupant $prey): bool
    {
        return self::isHunted($predator, $prey) && self::NEAR * self::room($predator) > self::girth($prey);
    }

    /** Not by itself, nor by a grazer; and what is kept as food may be eaten. A fish and its own shoal share a key; those only thought of have none. */
    public static function isHunted(Occupant $predator, Occupant $prey): bool
    {
        $isItself = $predator->fish !== null && $predator->fish === $prey->fish;

        return ! $isItself && ! $prey->isFood && $predator->species->habits->diet !== Diet::Grazer;
    }

    /** What the largest of them can swallow, millimetres of a usual body. */
    public static function room(Occupant $predator): float
    {
        return $predator->species->habits->mouthRatio * $predator->longest();
    }

    /** Length that the smallest of the prey stands for in a mouth. */
    public static function girth(Occupant $prey): float
    {
        return $prey->shortest() * max(1.0, $prey->species->needs->bodyDepth() / HousingNeeds::USUAL_BODY_DEPTH);
    }
}
