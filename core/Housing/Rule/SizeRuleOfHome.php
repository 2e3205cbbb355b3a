<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\NearestHome;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;

/** The largest of the newcomers must be within the limit of the home. */
final readonly class SizeRuleOfHome implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $limit = (new HomeLimits($case->rulebook))->limitIn($case->system, $case->newcomer->species);
        $longest = $case->newcomer->longest();
        [$at, $most] = [Length::ofMillimetres($longest), Length::ofMillimetres($limit->millimetres)];

        return $longest <= $limit->millimetres
            ? Verdict::pass(HousingRule::Size, Finding::of('housing.size.fits', at: $at, system: $case->system->name, most: $most))
            : Verdict::fail(
                HousingRule::Size,
                Finding::of('housing.size.too_large', at: $at, system: $case->system->name, most: $most, binding: $limit->binding),
                NearestHome::for($case->newcomer->species, $longest, $case->rulebook)->asChange($limit->binding),
            );
    }
}
