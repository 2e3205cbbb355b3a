<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Animal;
use Biomegas\Facility\Prey;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;

/** A shell is no mouthful, and no guard against those who crush it or suck it out. */
final readonly class SnailEaterRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        foreach ($case->residents as $resident) {
            foreach ([[$resident, $case->newcomer], [$case->newcomer, $resident]] as [$eater, $snail]) {
                if (self::eats($eater, $snail)) {
                    return Verdict::fail(HousingRule::SnailEater, Finding::of('housing.snail_eater.eats', eater: $eater->name, snail: $snail->name), null);
                }
            }
        }

        return null;
    }

    private static function eats(Occupant $eater, Occupant $snail): bool
    {
        return $snail->species->habits->animal === Animal::Snail
            && $eater->species->key !== $snail->species->key
            && in_array(Prey::Snails, $eater->species->habits->eats, true);
    }
}
