<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Company\Morsel;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;

/** Nobody goes to whom it eats, or by whom it is eaten, whatever its size. */
final readonly class PreyRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        foreach ($case->residents as $resident) {
            foreach ([[$resident, $case->newcomer], [$case->newcomer, $resident]] as [$eater, $other]) {
                $eaten = Morsel::eaten($eater, $other);
                if ($eaten !== null) {
                    return Verdict::fail(HousingRule::Prey, $eaten, null);
                }
            }
        }

        return null;
    }
}
