<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Housing\TemperatureFit;

/**
 * The home to move up to: the smallest system in use that takes the fish on
 * from the first day it may have to leave, for as long as a staged upgrade
 * should last; when none lasts that long, the one that lasts longest.
 */
final readonly class NextHome
{
    /** @param  array<string, HomeOutlook>  $homes by system */
    public static function among(array $homes, Fish $fish, Facility $facility): ?HomeOutlook
    {
        $present = $homes[$fish->currentSystem()];
        $larger = array_filter($homes, fn (HomeOutlook $home): bool => $home !== $present
            && $home->fitsNow
            && $home->limit->millimetres > $present->limit->millimetres
            && $home->temperature === TemperatureFit::Suits
            && $home->system->isAvailableOn($facility->date));
        if ($larger === []) {
            return null;
        }
        $leaves = $present->outgrows->early ?? $facility->horizon();
        $lasting = array_filter($larger, fn (HomeOutlook $home): bool => self::lasts($home, $leaves, $facility));
        if ($lasting === []) {
            return self::first($larger, fn (HomeOutlook $home): float => -$home->limit->millimetres);
        }

        return self::first($lasting, fn (HomeOutlook $home): float => $home->system->floorArea());
    }

    private static function lasts(HomeOutlook $home, LocalDate $from, Facility $facility): bool
    {
        $until = $from->plusDays($facility->rulebook->stagedDays());

        return $home->outgrows->early === null || ! $home->outgrows->early->isBefore($until);
    }

    /**
     * @param  non-empty-array<string, HomeOutlook>  $homes
     * @param  callable(HomeOutlook): float  $order
     */
    private static function first(array $homes, callable $order): HomeOutlook
    {
        usort($homes, fn (HomeOutlook $a, HomeOutlook $b): int => $order($a) <=> $order($b));

        return $homes[0];
    }
}
