<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;

final readonly class SalinityRule implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $wanted = $case->newcomer->species->needs->salinity;
        $there = $case->system->salinity;

        return $wanted === $there
            ? Verdict::pass(HousingRule::Salinity, Finding::of('housing.salinity.suits', system: $case->system->name, there: $there))
            : Verdict::fail(HousingRule::Salinity, Finding::of('housing.salinity.other', system: $case->system->name, there: $there, fish: $case->newcomer->name, wanted: $wanted), null);
    }
}
