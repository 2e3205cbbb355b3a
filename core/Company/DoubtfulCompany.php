<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Species;
use Biomegas\Housing\Verdict\Occupant;

/** Residents with whom a newcomer may not get on: whether it does shows only when they live together. */
final readonly class DoubtfulCompany
{
    /** A temper from here on may turn against a newcomer. Common practice, no published source. */
    private const DOUBTFUL_FROM = 3;

    /**
     * @param  list<Occupant>  $residents
     * @return list<Occupant>
     */
    public static function among(array $residents, Occupant $newcomer): array
    {
        return array_values(array_filter($residents, fn (Occupant $resident): bool => self::isDoubtful($resident, $newcomer)));
    }

    private static function isDoubtful(Occupant $resident, Occupant $newcomer): bool
    {
        if (self::isOfOneGroup($resident->species, $newcomer->species)) {
            return false;
        }

        return $resident->species->habits->temperament >= self::DOUBTFUL_FROM
            || $newcomer->species->habits->isAggressive()
            || Friction::areAlike($resident->species, $newcomer->species)
            || Mouthful::isNear($resident, $newcomer) || Mouthful::isNear($newcomer, $resident);
    }

    /** They want each other's company. */
    private static function isOfOneGroup(Species $resident, Species $newcomer): bool
    {
        return $resident->key === $newcomer->key && $resident->needs->minimumGroup > 1;
    }
}
