<?php

declare(strict_types=1);

namespace Biomegas\Planning;

/** The fish that outgrow their homes within the horizon, soonest first. */
final readonly class UpgradesAhead
{
    /**
     * @param  array<string, FishBrief>  $fish  by key
     * @return list<string> keys
     */
    public static function among(array $fish): array
    {
        $ahead = array_filter($fish, fn (FishBrief $one): bool => $one->home->outgrows->early !== null);
        uasort($ahead, fn (FishBrief $a, FishBrief $b): int => self::order($a) <=> self::order($b));

        return array_keys($ahead);
    }

    /** @return array{string, string} */
    private static function order(FishBrief $fish): array
    {
        $window = $fish->home->outgrows;

        return [$window->early?->toIso() ?? '', $window->likely?->toIso() ?? '9999'];
    }
}
