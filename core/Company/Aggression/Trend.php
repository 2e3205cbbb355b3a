<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Numerics\StandardNormal;

/** Whether more is seen in the last seven days than in the four weeks before, as far as chance allows to tell. */
enum Trend: string
{
    case Rising = 'rising';
    case Falling = 'falling';
    case Steady = 'steady';
    /** Too few to tell. */
    case Unclear = 'unclear';

    public const DAYS = 7;

    private const DAYS_BEFORE = 28;

    /** Fewer in all say nothing. */
    private const ENOUGH = 5;

    /** A split as uneven by chance alone, one time in twenty. */
    private const CHANCE = 0.05;

    /** With more the sum of terms is as good as the normal curve. */
    private const MANY = 200;

    /**
     * Where somebody watched in both times their hours are compared, else the days.
     *
     * @param  list<SeenAct>  $acts
     * @param  list<WatchedSpan>  $spans
     */
    public static function of(array $acts, array $spans, LocalDate $today): self
    {
        $hours = fn (int $newest, int $days): float => Rate::hours(array_values(array_filter($spans, fn (WatchedSpan $span): bool => self::isWithin($span->from->date, $newest, $days, $today))));
        [$late, $before] = [$hours(0, self::DAYS), $hours(self::DAYS, self::DAYS_BEFORE)];
        $isWatched = min($late, $before) > 0.0;
        $counted = $isWatched ? Rate::seen($acts, $spans) : $acts;
        $count = fn (int $newest, int $days): int => count(array_filter($counted, fn (SeenAct $act): bool => self::isWithin($act->date, $newest, $days, $today)));

        return self::between($count(0, self::DAYS), $count(self::DAYS, self::DAYS_BEFORE), $isWatched ? $late / ($late + $before) : self::DAYS / (self::DAYS + self::DAYS_BEFORE));
    }

    /** Of so many days, the last of them so many days ago. */
    private static function isWithin(LocalDate $day, int $newest, int $days, LocalDate $today): bool
    {
        $age = $day->daysUntil($today);

        return $age >= $newest && $age < $newest + $days;
    }

    /** @param  float  $share  of the time that was looked at, that the later part makes up */
    private static function between(int $late, int $before, float $share): self
    {
        return match (true) {
            $late + $before < self::ENOUGH => self::Unclear,
            self::atLeast($late, $late + $before, $share) < self::CHANCE => self::Rising,
            self::atLeast($before, $late + $before, 1 - $share) < self::CHANCE => self::Falling,
            default => self::Steady,
        };
    }

    /** The probability of so many or more of all where each falls into the share by chance (binomial). */
    private static function atLeast(int $k, int $n, float $share): float
    {
        if ($n > self::MANY) {
            return StandardNormal::shareBelow(($n * $share - $k + 0.5) / sqrt($n * $share * (1 - $share)));
        }
        $term = (1 - $share) ** $n;
        $below = 0.0;
        for ($i = 0; $i < $k; $i++) {
            $below += $term;
            $term *= ($n - $i) / ($i + 1) * $share / (1 - $share);
        }

        return 1 - $below;
    }
}
