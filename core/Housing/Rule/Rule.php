<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Verdict;

/** One rule of housing. */
interface Rule
{
    /** Null when there is nothing to hold against anything: what the rule asks about is not known or not wanted. */
    public function judge(HousingCase $case): ?Verdict;
}
