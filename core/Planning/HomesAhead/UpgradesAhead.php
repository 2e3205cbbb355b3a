<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;

/** The fish that must leave their homes within the horizon, soonest first. */
final readonly class UpgradesAhead
{
    /** A home to move to must be thought of by then. Judgement. */
    private const SOON_DAYS = 90;

    /** It may stay today, but perhaps not for long. */
    public static function isSoon(HomesAhead $fish, LocalDate $today): bool
    {
        $leave = $fish->stays[0]->leave ?? null;

        return $leave !== null && $leave->isAfter($today) && $today->daysUntil($leave) <= self::SOON_DAYS;
    }

    /**
     * @param  array<string, HomesAhead>  $chains  by fish
     * @return list<string> keys of fish
     */
    public static function among(array $chains): array
    {
        $leave = array_filter(array_map(fn (HomesAhead $chain): ?string => ($chain->stays[0]->leave ?? null)?->toIso(), $chains));
        asort($leave);

        return array_map(strval(...), array_keys($leave));
    }
}
