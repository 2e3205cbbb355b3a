<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Rulebook;

/** Residents with whom a newcomer may not get on, by the verdicts on pairs: whether it does shows only when they live together. */
final readonly class DoubtfulCompany
{
    /**
     * @param  list<Occupant>  $residents
     * @return list<Occupant>
     */
    public static function among(array $residents, Occupant $newcomer, Rulebook $rulebook): array
    {
        return array_values(array_filter($residents, fn (Occupant $resident): bool => self::isDoubtful($resident, $newcomer, $rulebook)));
    }

    /** @param  list<Occupant>  $residents */
    public static function isAnyAmong(array $residents, Occupant $newcomer, Rulebook $rulebook): bool
    {
        foreach ($residents as $resident) {
            if (self::isDoubtful($resident, $newcomer, $rulebook)) {
                return true;
            }
        }

        return false;
    }

    private static function isDoubtful(Occupant $resident, Occupant $newcomer, Rulebook $rulebook): bool
    {
        $pair = PairJudgement::byFriction($newcomer, $resident, $rulebook);

        return $pair->verdict !== PairVerdict::Good
            || ($pair->own === null && (Mouthful::isNear($resident, $newcomer) || Mouthful::isNear($newcomer, $resident)));
    }
}
