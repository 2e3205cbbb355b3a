<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;

/** Everybody's way from home to home, as it was decided. */
final readonly class Itineraries
{
    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @param  list<DecidedMove>  $moves  of all, by day
     * @param  array<string, System>  $systems  by key
     * @return array<string, Itinerary> by fish
     */
    public static function of(array $lodgers, array $moves, array $systems, LocalDate $today): array
    {
        $own = [];
        foreach ($moves as $move) {
            $own[$move->fish][] = [$systems[$move->to], $move->on];
        }

        return array_map(fn (Lodger $lodger): Itinerary => Itinerary::of($lodger, $today, $own[$lodger->fish->key] ?? []), $lodgers);
    }
}
