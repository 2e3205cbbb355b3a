<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\RuleOption;
use Biomegas\Measure\Spoken;

/** Of several: how many go in at once, by the school of the facility. Common practice, no published source. */
final readonly class AddingOrder
{
    /** A group of this many lives crowded: the more at once the better. */
    private const CROWDED = 4;

    /** @return array{string, string} what to do, and why */
    public static function of(MoveCase $case): array
    {
        $count = $case->count();
        $temperament = max(array_map(fn (MovingOccupant $one): int => $one->occupant->species->habits->temperament, $case->movers));
        $isShoal = count($case->movers) === 1 && $case->movers[0]->occupant->species->needs->minimumGroup > 1;

        return match ($case->rulebook->answer(RuleOption::Adding)) {
            'one-at-a-time' => ['One at a time, a day apart', 'The rulebook says so: each can be watched.'],
            'pairs-or-more' => ['Two or more at once, the rest tomorrow', 'The rulebook says so: nobody is the only stranger.'],
            default => match (true) {
                $isShoal => ['All '.Spoken::number($count).' at once', 'A shoal that is parted is chased one by one.'],
                $temperament >= 4 && $count >= self::CROWDED => ['All '.Spoken::number($count).' at once', 'Crowded fighters spread their attention.'],
                $temperament >= 4 => ['One a day, the calmest first', 'Each must find its place before the next.'],
                default => ['Two to four a day', 'Few enough to watch, enough not to be alone.'],
            },
        };
    }
}
