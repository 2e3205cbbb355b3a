<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Rank\Contest;

/** Who got the better of whom. */
final readonly class Contests
{
    /** Older ones say nothing of today. */
    public const DAYS = 365;

    /**
     * Among those that live together now, since they do: who was away is a newcomer.
     *
     * @param  list<SeenAct>  $acts  by date
     * @param  array<string, LocalDate>  $came  when each of those that live here now came, by key
     * @return list<Contest>
     */
    public static function ofToday(array $acts, array $came): array
    {
        return self::won($acts, fn (SeenAct $act): bool => isset($came[$act->actor], $came[$act->target])
            && ! $act->date->isBefore(LocalDate::later($came[$act->actor], $came[$act->target])));
    }

    /**
     * Among all that ever met here.
     *
     * @param  list<SeenAct>  $acts  by date
     * @return list<Contest>
     */
    public static function ofAllTime(array $acts): array
    {
        return self::won($acts, fn (SeenAct $act): bool => true);
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  callable(SeenAct): bool  $counts
     * @return list<Contest>
     */
    private static function won(array $acts, callable $counts): array
    {
        return array_map(
            fn (SeenAct $act): Contest => new Contest($act->actor, $act->target, $act->date),
            array_values(array_filter($acts, fn (SeenAct $act): bool => $act->act->isWon() && $act->actor !== $act->target && $counts($act))),
        );
    }
}
