<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Fitting;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Verdict;
use Biomegas\Measure\Spoken;

final readonly class FittingsRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $needs = $case->newcomer->species->needs->fittings;
        if ($needs === []) {
            return null;
        }
        $missing = array_values(array_filter($needs, fn (Fitting $need): bool => ! $case->system->has($need)));
        if ($missing === []) {
            return Verdict::pass(HousingRule::Fittings, "{$case->system->name} has ".self::words($needs).', as wanted.');
        }

        return Verdict::fail(HousingRule::Fittings, 'It wants '.self::words($missing).", which {$case->system->name} has not.", 'Fit '.self::words($missing).'.');
    }

    /** @param  non-empty-list<Fitting>  $fittings */
    private static function words(array $fittings): string
    {
        return Spoken::list(array_map(fn (Fitting $one): string => $one->words(), $fittings));
    }
}
