<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\Way;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;

final readonly class FittingsRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $species = $case->newcomer->species;
        if (in_array(Way::Burrower, $species->needs->ways, true) && $case->system->kind === SystemKind::Pond && ! $case->system->has(Fitting::LinerSafe)) {
            return Verdict::fail(
                HousingRule::Fittings,
                Finding::of('housing.fittings.cuts_liners', species: $species->commonName, system: $case->system->name),
                null,
            );
        }
        $needs = $species->needs->allFittings();
        if ($needs === []) {
            return null;
        }
        $missing = array_values(array_filter($needs, fn (Fitting $need): bool => ! $case->system->has($need)));
        if ($missing === []) {
            return Verdict::pass(HousingRule::Fittings, Finding::of('housing.fittings.there', system: $case->system->name, fittings: $needs));
        }

        return Verdict::fail(
            HousingRule::Fittings,
            Finding::of('housing.fittings.missing', fittings: $missing, system: $case->system->name),
            Finding::of('housing.fittings.fit', fittings: $missing),
        );
    }
}
