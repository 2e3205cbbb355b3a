<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\System;

/** Fish that could never be in one system are planned apart: what one region does is nothing to the other. */
final readonly class Regions
{
    /**
     * @param  list<Lodger>  $moving
     * @param  list<System>  $systems
     * @return list<array{list<Lodger>, list<System>}>
     */
    public static function of(array $moving, array $systems, PlacementAdapter $adapter): array
    {
        /** @var array<int, int> $region of each system */
        $region = array_keys($systems);
        $reach = [];
        foreach ($moving as $u => $lodger) {
            $reach[$u] = [];
            foreach ($systems as $s => $system) {
                if (array_filter($adapter->ownStrain($lodger, $system), fn (?float $cost): bool => $cost !== null) !== []) {
                    $reach[$u][] = $s;
                }
            }
            foreach ($reach[$u] as $s) {
                [$from, $to] = [$region[$s], $region[$reach[$u][0]]];
                $region = array_map(fn (int $of): int => $of === $from ? $to : $of, $region);
            }
        }
        $regions = [];
        foreach ($moving as $u => $lodger) {
            $regions[$region[$reach[$u][0]]][] = $lodger;
        }

        return array_map(
            fn (int $of, array $lodgers): array => [$lodgers, array_values(array_filter($systems, fn (int $s): bool => $region[$s] === $of, ARRAY_FILTER_USE_KEY))],
            array_keys($regions), array_values($regions),
        );
    }
}
