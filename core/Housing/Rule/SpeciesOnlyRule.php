<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;

/** Some species live with their own alone, and nobody else moves in with them. */
final readonly class SpeciesOnlyRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $species = $case->newcomer->species;
        $others = array_values(array_filter($case->residents, fn (Occupant $occupant): bool => $occupant->species->key !== $species->key));
        $loner = array_values(array_filter($others, fn (Occupant $occupant): bool => $occupant->species->needs->isSpeciesOnly))[0] ?? null;
        if ($loner !== null) {
            return Verdict::fail(
                HousingRule::SpeciesOnly,
                Finding::of('housing.species_only.loner', resident: $loner->name),
                Finding::of('housing.species_only.elsewhere', resident: $loner->name),
            );
        }
        if (! $species->needs->isSpeciesOnly) {
            return null;
        }

        return $others === []
            ? Verdict::pass(HousingRule::SpeciesOnly, Finding::of('housing.species_only.alone', system: $case->system->name))
            : Verdict::fail(HousingRule::SpeciesOnly, Finding::of('housing.species_only.company', resident: $others[0]->name), Finding::of('housing.species_only.own_home'));
    }
}
