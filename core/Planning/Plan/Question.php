<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** What is asked of a plan. */
final readonly class Question
{
    public const USUAL_DAYS = 730;

    /** @param  list<PlannedStay>  $fixed  who must be where, and when: planned moves, locks, and those that may not move yet */
    public function __construct(
        public Aim $aim = Aim::FewestMoves,
        public int $days = self::USUAL_DAYS,
        public array $fixed = [],
        /** May new homes be proposed? */
        public bool $mayBuild = true,
    ) {
    }

    public static function daysOf(int $months): int
    {
        return (int) round($months * LocalDate::DAYS_PER_YEAR / 12);
    }
}
