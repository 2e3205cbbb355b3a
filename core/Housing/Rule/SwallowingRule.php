<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Company\Mouthful;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;

/** Nobody goes to whom it swallows, or who swallows it. */
final readonly class SwallowingRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        if ($case->residents === []) {
            return null;
        }
        foreach ($case->residents as $resident) {
            $harm = Mouthful::harm($resident, $case->newcomer) ?? Mouthful::harm($case->newcomer, $resident);
            if ($harm !== null) {
                return Verdict::fail(HousingRule::Swallowing, $harm, self::change($case));
            }
        }

        return Verdict::pass(HousingRule::Swallowing, Finding::of('housing.swallowing.nobody'));
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
        foreach ($case->residents as $resident) {
            if (Mouthful::harm($case->newcomer, $resident) !== null || $resident->species->habits->bitesPieces) {
                return null;
            }
            $least = Mouthful::harm($resident, $case->newcomer) === null ? $least : max($least, Mouthful::safeFrom($resident, $case->newcomer));
        }

        return $least > $case->newcomer->species->adultLength->typical ? null : $least;
    }
}
