<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Watch\Intervention;

/** What was going on in a home on a day, as far as the log knows it. How long each stirs them: common practice, no published source. */
final readonly class GoingsOn
{
    private const NEWCOMER_DAYS = 14;

    private const WATER_DAYS = 1;

    private const DECOR_DAYS = 2;

    /**
     * @param  list<HomeChange>  $changes
     * @param  bool  $isBroodThere  one is under way
     * @return list<Occasion>
     */
    public static function on(LocalDate $day, array $changes, bool $isBroodThere = false): array
    {
        $occasions = array_map(function (HomeChange $change) use ($day): ?Occasion {
            [$occasion, $days] = match (true) {
                in_array($change->kind, [ChangeKind::CameIn, ChangeKind::CameBack], true) => [Occasion::Newcomer, self::NEWCOMER_DAYS],
                $change->kind === ChangeKind::WaterChange => [Occasion::WaterChange, self::WATER_DAYS],
                $change->intervention === Intervention::MoveDecor => [Occasion::MovedDecor, self::DECOR_DAYS],
                default => [null, 0],
            };
            $age = $change->date->daysUntil($day);

            return $age >= 0 && $age <= $days ? $occasion : null;
        }, $changes);
        $occasions[] = $isBroodThere ? Occasion::Brood : null;

        return array_values(array_filter(Occasion::cases(), fn (Occasion $occasion): bool => in_array($occasion, $occasions, true)));
    }
}
