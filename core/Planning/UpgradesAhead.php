<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;

/** The fish that outgrow their homes within the horizon, soonest first. */
final readonly class UpgradesAhead
{
    /** A home to move to must be thought of by then. Judgement. */
    private const SOON_DAYS = 90;

    /** Still fits, but may not for long. */
    public static function isSoon(FishBrief $fish, LocalDate $today): bool
    {
        $early = $fish->home->outgrows->early;

        return $fish->home->fitsNow && $early !== null && $today->daysUntil($early) <= self::SOON_DAYS;
    }

    /**
     * @param  array<string, FishBrief>  $fish  by key
     * @return list<string> keys
     */
    public static function among(array $fish): array
    {
        $ahead = array_filter($fish, fn (FishBrief $brief): bool => $brief->home->outgrows->early !== null);
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
