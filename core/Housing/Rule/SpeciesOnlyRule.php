<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Occupant;
use Biomegas\Housing\Verdict;

/** Some kinds live with their own alone, and nobody else moves in with them. */
final readonly class SpeciesOnlyRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $kind = $case->newcomer->species;
        $others = array_values(array_filter($case->residents, fn (Occupant $one): bool => $one->species->key !== $kind->key));
        $loner = array_values(array_filter($others, fn (Occupant $one): bool => $one->species->needs->isSpeciesOnly))[0] ?? null;
        if ($loner !== null) {
            return Verdict::fail(HousingRule::SpeciesOnly, "{$loner->name} lives with its own kind alone.", "Choose a home without {$loner->name}.");
        }
        if (! $kind->needs->isSpeciesOnly) {
            return null;
        }

        return $others === []
            ? Verdict::pass(HousingRule::SpeciesOnly, "It lives with its own kind alone, and {$case->system->name} has nobody else.")
            : Verdict::fail(HousingRule::SpeciesOnly, "It lives with its own kind alone, and {$others[0]->name} is there.", 'Give it a home of its own.');
    }
}
