<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Group\Sexes;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;

/** A group-fish alone is a wretched fish, and often an ill-tempered one. */
final readonly class GroupRule implements Rule
{
    private const A_PAIR = 2;

    public function judge(HousingCase $case): ?Verdict
    {
        $species = $case->newcomer->species;
        $least = $species->needs->minimumGroup;
        if ($least === 1) {
            return null;
        }
        $ofIt = array_filter($case->everybody(), fn (Occupant $occupant): bool => $occupant->species->key === $species->key);
        $there = array_sum(array_map(fn (Occupant $occupant): int => $occupant->count, $ofIt));

        if ($species->needs->mayLiveAlone && $there <= self::A_PAIR) {
            $sexes = array_reduce($ofIt, fn (Sexes $sexes, Occupant $occupant): Sexes => $sexes->plus($occupant->sexes), new Sexes);

            return $sexes->areTwoMales() ? Verdict::fail(
                HousingRule::Group,
                Finding::of('housing.group.two_males', species: $species->commonName),
                Finding::of('housing.group.pair_or_more', least: $least),
            ) : Verdict::pass(HousingRule::Group, Finding::of('housing.group.alone_or_pair', species: $species->commonName, least: $least));
        }

        return $there >= $least
            ? Verdict::pass(HousingRule::Group, Finding::of('housing.group.enough', species: $species->commonName, least: $least, there: $there))
            : Verdict::fail(
                HousingRule::Group,
                Finding::of('housing.group.too_few', species: $species->commonName, least: $least, there: $there),
                Finding::of('housing.group.more', more: $least - $there),
            );
    }
}
