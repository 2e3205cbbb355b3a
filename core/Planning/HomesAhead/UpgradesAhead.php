<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** The fish that must leave their homes within the horizon, soonest first. */
final readonly class UpgradesAhead
{
    /** A home to move to must be thought of by then. Judgement. */
    private const SOON_DAYS = 90;

    /**
     * Its home will not do for it today, whatever it is for.
     *
     * @param  bool  $fitsNow  by its size alone
     */
    public static function isOver(HomesAhead $fish, bool $fitsNow, LocalDate $today): bool
    {
        $leave = self::leave($fish);

        return ! $fitsNow || ($leave !== null && ! $leave->isAfter($today));
    }

    /**
     * @param  int  $over  so many should leave their homes today
     * @param  int  $soon  so many more may within the days of SOON_DAYS
     */
    public static function told(int $over, int $soon): Finding
    {
        return Finding::of('today.upgrades', over: $over, soon: $soon, days: self::SOON_DAYS);
    }

    /** It may stay today, but perhaps not for long. */
    public static function isSoon(HomesAhead $fish, LocalDate $today): bool
    {
        $leave = self::leave($fish);

        return $leave !== null && $leave->isAfter($today) && $today->daysUntil($leave) <= self::SOON_DAYS;
    }

    /**
     * @param  array<string, HomesAhead>  $chains  by fish
     * @return list<string> keys of fish
     */
    public static function among(array $chains): array
    {
        $leave = array_filter(array_map(fn (HomesAhead $chain): ?string => self::leave($chain)?->toIso(), $chains));
        asort($leave);

        return array_map(strval(...), array_keys($leave));
    }

    /** The present home; null: it need not leave it. */
    private static function leave(HomesAhead $fish): ?LocalDate
    {
        return $fish->stays[0]->leave ?? null;
    }
}
