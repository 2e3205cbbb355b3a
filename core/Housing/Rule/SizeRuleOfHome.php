<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Housing\HomeLimits;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\NearestHome;
use Biomegas\Housing\Verdict;

/** The largest of the newcomers must be within the limit of the home. */
final readonly class SizeRuleOfHome implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $limit = (new HomeLimits($case->rulebook))->limitIn($case->system, $case->newcomer->species);
        $longest = $case->newcomer->longest();
        $at = $case->spoken->length($longest);
        $most = $case->spoken->length($limit->millimetres);
        if ($longest <= $limit->millimetres) {
            return Verdict::pass(HousingRule::Size, "At {$at} it fits; {$case->system->name} holds up to {$most}.");
        }

        return Verdict::fail(
            HousingRule::Size,
            "At {$at} it is {$limit->binding->reason()}: {$case->system->name} holds up to {$most}.",
            NearestHome::for($case->newcomer->species, $longest, $case->rulebook)->asChange($limit->binding, $case->spoken),
        );
    }
}
