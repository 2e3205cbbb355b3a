<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Company\PairJudgement;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Rulebook\PairVerdict;

/**
 * Nobody goes to whom it is best kept apart from. Whether those that live
 * together already get on is seen, not reckoned: of them the keeper's word
 * alone counts.
 */
final readonly class CompanyRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        foreach ($case->residents as $resident) {
            $own = PairJudgement::own($case->newcomer, $resident, $case->rulebook);
            if ($own?->verdict === PairVerdict::Avoid) {
                return Verdict::fail(HousingRule::Company, Finding::of('housing.company.own_word', newcomer: $case->newcomer->name, resident: $resident->name, reason: $own->reason), null);
            }
            $pair = $case->livesThere ? null : PairJudgement::byFriction($case->newcomer, $resident, $case->rulebook);
            if ($pair?->verdict === PairVerdict::Avoid) {
                return Verdict::fail(HousingRule::Company, Finding::of('housing.company.apart', newcomer: $case->newcomer->name, resident: $resident->name, because: array_map(fn ($reason): Finding => $reason->finding, array_slice($pair->reasons, 0, 2))), null);
            }
        }

        return null;
    }
}
