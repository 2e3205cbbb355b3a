<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Verdict;

final readonly class SalinityRule implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $wanted = $case->newcomer->species->needs->salinity;
        $there = $case->system->salinity;

        return $wanted === $there
            ? Verdict::pass(HousingRule::Salinity, "{$case->system->name} is {$there->value} water, as wanted.")
            : Verdict::fail(HousingRule::Salinity, "{$case->system->name} is {$there->value} water; {$case->newcomer->name} wants {$wanted->value}.", null);
    }
}
