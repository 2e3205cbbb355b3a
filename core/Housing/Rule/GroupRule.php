<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Occupant;
use Biomegas\Housing\Verdict;
use Biomegas\Measure\Spoken;

/** A group-fish alone is a wretched fish, and often an ill-tempered one. */
final readonly class GroupRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $kind = $case->newcomer->species;
        $least = $kind->needs->minimumGroup;
        if ($least === 1) {
            return null;
        }
        $there = array_sum(array_map(fn (Occupant $one): int => $one->species->key === $kind->key ? $one->count : 0, $case->everybody()));
        $words = "{$kind->commonName} wants a group of ".Spoken::number($least).' at least';

        return $there >= $least
            ? Verdict::pass(HousingRule::Group, "{$words}, and there would be ".Spoken::number($there).'.')
            : Verdict::fail(HousingRule::Group, "{$words}; there would be ".Spoken::number($there).'.', ucfirst(Spoken::number($least - $there)).' more of them.');
    }
}
