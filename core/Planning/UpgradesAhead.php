<?php

declare(strict_types=1);

namespace Biomegas\Planning;

/** The fish that outgrow their homes within the horizon, soonest first. */
final readonly class UpgradesAhead
{
    /**
     * @param  iterable<FishOutlook>  $fish
     * @return list<FishOutlook>
     */
    public static function among(iterable $fish): array
    {
        $ahead = [];
        foreach ($fish as $one) {
            if ($one->current()->outgrows->early !== null) {
                $ahead[] = $one;
            }
        }
        usort($ahead, fn (FishOutlook $a, FishOutlook $b): int => self::order($a) <=> self::order($b));

        return $ahead;
    }

    /** @return array{string, string} */
    private static function order(FishOutlook $fish): array
    {
        $window = $fish->current()->outgrows;

        return [$window->early?->toIso() ?? '', $window->likely?->toIso() ?? '9999'];
    }
}
