<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Finding\Finding;
use Biomegas\Rulebook\RuleOption;

/** Of several: how many go in at once, by the school of the facility. Common practice, no published source. */
final readonly class AddingOrder
{
    /** A group of this many lives crowded: the more at once the better. */
    private const CROWDED = 4;

    /** @return array{Finding, Finding} what to do, and why */
    public static function of(MoveCase $case): array
    {
        $count = $case->count();
        $temperament = max(array_map(fn (MovingOccupant $mover): int => $mover->occupant->species->habits->temperament, $case->movers));
        $isShoal = array_filter($case->movers, fn (MovingOccupant $mover): bool => $mover->occupant->species->needs->minimumGroup === 1) === [];

        return match ($case->rulebook->answer(RuleOption::Adding)) {
            'one-at-a-time' => [Finding::of('moving.order.one'), Finding::of('moving.order.one_why')],
            'pairs-or-more' => [Finding::of('moving.order.pairs'), Finding::of('moving.order.pairs_why')],
            default => match (true) {
                $isShoal && count($case->movers) > 1 => [Finding::of('moving.order.shoals'), Finding::of('moving.order.shoal_why')],
                $isShoal => [Finding::of('moving.order.all', count: $count), Finding::of('moving.order.shoal_why')],
                $temperament >= 4 && $count >= self::CROWDED => [Finding::of('moving.order.all', count: $count), Finding::of('moving.order.crowd_why')],
                $temperament >= 4 => [Finding::of('moving.order.calm_first'), Finding::of('moving.order.calm_first_why')],
                default => [Finding::of('moving.order.few'), Finding::of('moving.order.few_why')],
            },
        };
    }
}
