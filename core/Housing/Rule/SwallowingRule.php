<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Company\Mouthful;
use Biomegas\Company\PairJudgement;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\PairVerdict;

/** Nobody goes to whom it swallows, or who swallows it. */
final readonly class SwallowingRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        if ($case->residents === []) {
            return null;
        }
        foreach (self::residents($case) as $resident) {
            $harm = Mouthful::harm($resident, $case->newcomer) ?? Mouthful::harm($case->newcomer, $resident);
            if ($harm !== null) {
                return Verdict::fail(HousingRule::Swallowing, $harm, self::change($case));
            }
        }

        return Verdict::pass(HousingRule::Swallowing, Finding::of('housing.swallowing.nobody'));
    }

    /** @return list<Occupant> but those of whom the keeper says that it is good with them */
    private static function residents(HousingCase $case): array
    {
        return array_values(array_filter($case->residents, fn (Occupant $resident): bool => PairJudgement::own($case->newcomer, $resident, $case->rulebook)?->verdict !== PairVerdict::Good));
    }

    private static function change(HousingCase $case): ?Finding
    {
        $from = self::joinFrom($case);

        return $from === null ? null : Finding::of('housing.swallowing.join_from', length: Length::ofMillimetres($from));
    }

    /** The mean length in millimetres from which all who live there, as they are, leave the newcomer alone; null when growing does not help. */
    public static function joinFrom(HousingCase $case): ?float
    {
        $least = 0.0;
        foreach (self::residents($case) as $resident) {
            if (Mouthful::harm($case->newcomer, $resident) !== null || $resident->species->habits->bitesPieces) {
                return null;
            }
            $least = Mouthful::harm($resident, $case->newcomer) === null ? $least : max($least, Mouthful::safeFrom($resident, $case->newcomer));
        }

        return $least > $case->newcomer->species->adultLength->typical ? null : $least;
    }
}
