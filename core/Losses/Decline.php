<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** Fewer and fewer, and nobody saw why. */
final readonly class Decline
{
    /** Fewer may have gone by chance: common practice, no published source. */
    private const ENOUGH = 3;

    private const TIMES = 2;

    private const DAYS = 365;

    private function __construct(
        public int $missing,
        /** From the day on which all were last there. */
        public LocalDate $since,
        /** Days from one that went missing to the next. */
        public int $everyDays,
    ) {
    }

    /**
     * @param  list<array{LocalDate, int}>  $unexplained  days and numbers of those that went missing, by date
     * @param  LocalDate  $allThere  the day on which all were last there before the first
     * @return self|null null: too few, or all in one go
     */
    public static function of(array $unexplained, LocalDate $allThere, LocalDate $today): ?self
    {
        $lately = array_values(array_filter($unexplained, fn (array $loss): bool => $loss[0]->daysUntil($today) <= self::DAYS));
        $missing = array_sum(array_column($lately, 1));
        if ($missing < self::ENOUGH || count($lately) < self::TIMES) {
            return null;
        }
        $since = count($lately) < count($unexplained) ? $unexplained[count($unexplained) - count($lately) - 1][0] : $allThere;

        return new self($missing, $since, max(1, (int) round($since->daysUntil($lately[count($lately) - 1][0]) / $missing)));
    }
}
