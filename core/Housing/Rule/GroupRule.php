<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

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
        $there = array_sum(array_map(fn (Occupant $occupant): int => $occupant->species->key === $species->key ? $occupant->count : 0, $case->everybody()));

        if ($species->needs->mayLiveAlone && $there <= self::A_PAIR) {
            return Verdict::pass(HousingRule::Group, Finding::of('housing.group.alone_or_pair', species: $species->commonName, least: $least));
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
