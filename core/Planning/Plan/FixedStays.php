<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Supposition;

/** Where a fish must be whatever a plan would like: by moves that are written down, or because it may not move yet. */
final readonly class FixedStays
{
    /** One that came so lately is let be. Common practice, no published source. */
    private const SETTLING_DAYS = 14;

    /**
     * @param  list<DecidedMove>  $moves  of this fish that are written down, by day
     * @return list<PlannedStay>
     */
    public static function byMoves(Fish $fish, array $moves, LocalDate $today): array
    {
        $stays = [];
        [$from, $home] = [$today, $fish->currentSystem()];
        foreach ($moves as $move) {
            if ($move->on->isAfter($from)) {
                $stays[] = new PlannedStay($fish->key, $home, $from, $move->on);
            }
            [$from, $home] = [$move->on, $move->to];
        }

        return $moves === [] ? [] : [...$stays, new PlannedStay($fish->key, $home, $from, $from->plusDays(self::SETTLING_DAYS))];
    }

    /**
     * What holds a shoal for a time holds each part of it.
     *
     * @param  list<PlannedStay>  $stays
     * @param  list<Supposition>  $supposed
     * @return list<PlannedStay> with those of parts
     */
    public static function ofParts(array $stays, array $supposed): array
    {
        $parted = array_map(fn (Parted $parted): string => $parted->fish, array_filter($supposed, fn (Supposition $one): bool => $one instanceof Parted));
        $held = array_filter($stays, fn (PlannedStay $stay): bool => $stay->until !== null && in_array($stay->fish, $parted, true));

        return [...$stays, ...array_values(array_map(fn (PlannedStay $stay): PlannedStay => new PlannedStay(Parted::partOf($stay->fish), $stay->system, $stay->from, $stay->until), $held))];
    }

    /**
     * @param  list<LocalDate|null>  $notBefore  each the first day on which something lets it move; null: nothing holds it
     * @return PlannedStay|null null: it may move today
     */
    public static function held(Fish $fish, array $notBefore, LocalDate $today): ?PlannedStay
    {
        $until = $fish->stays[count($fish->stays) - 1]->from->plusDays(self::SETTLING_DAYS);
        foreach (array_filter($notBefore) as $day) {
            $until = LocalDate::later($until, $day);
        }

        return $until->isAfter($today) ? new PlannedStay($fish->key, $fish->currentSystem(), $today, $until) : null;
    }
}
