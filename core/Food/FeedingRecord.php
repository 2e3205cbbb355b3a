<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FedSpan;
use Biomegas\Facility\FeedingHabit;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Times;

/**
 * What was fed, week by week, against what would have been by the book. A week
 * counts when it is over and most of its days are written down: one more meal
 * does not stir every projection. Judgement, no published source.
 */
final readonly class FeedingRecord
{
    /** Days of a week that must be written down. */
    private const MOST_OF_A_WEEK = 5;

    /** Weeks that make a habit. */
    private const HABIT_WEEKS = 4;

    /** So many weeks running are no accident. */
    private const WEEKS_RUNNING = 3;

    private const TOO_MUCH = 1.3;

    private const TOO_LITTLE = 0.6;

    private const GRAMS_PER_KG = 1000.0;

    /** @param  list<FedWeek>  $weeks  the oldest first */
    private function __construct(public array $weeks)
    {
    }

    /** @param  list<FedWeek>  $weeks  in any order, one of a Monday */
    public static function of(array $weeks, LocalDate $today): self
    {
        $whole = array_values(array_filter($weeks, fn (FedWeek $week): bool => ! $week->monday->plusDays(LocalDate::DAYS_PER_WEEK)->isAfter($today) && $week->days >= self::MOST_OF_A_WEEK && $week->ration > 0.0));
        usort($whole, fn (FedWeek $a, FedWeek $b): int => $b->monday->daysUntil($a->monday));

        return new self($whole);
    }

    /**
     * Of a home in which some are fed by themselves. One that was only seen to
     * leave its food ate at the table of the others.
     *
     * @param  list<FedWeek>  $shared  of all who eat together
     * @param  list<FedWeek>  $apart  of all others
     */
    public static function together(array $shared, array $apart, LocalDate $today): self
    {
        $weeks = [];
        foreach ([...$shared, ...array_filter($apart, fn (FedWeek $week): bool => $week->given > 0.0)] as $week) {
            $monday = $week->monday->toIso();
            $weeks[$monday] = isset($weeks[$monday]) ? $weeks[$monday]->and($week) : $week;
        }

        return self::of(array_values($weeks), $today);
    }

    /** As it was over the last weeks; null: too little is written down, or nothing was fed. */
    public function habit(LocalDate $today): ?FeedingHabit
    {
        $lately = $this->lately($today);
        $sum = fn (callable $of): float => array_sum(array_map($of, $lately));
        [$given, $ration] = [$sum(fn (FedWeek $week): float => $week->given), $sum(fn (FedWeek $week): float => $week->ration)];
        if ($given <= 0.0) {
            return null;
        }
        $isPriced = array_filter($lately, fn (FedWeek $week): bool => $week->cost === null) === [];

        return new FeedingHabit(
            $given / $ration,
            $sum(fn (FedWeek $week): float => $week->protein) / $given,
            $isPriced ? self::GRAMS_PER_KG * $sum(fn (FedWeek $week): float => (float) $week->cost) / $given : null,
        );
    }

    /**
     * What was eaten, to the tenth of the ration: growth goes by it. Weeks that
     * are alike and follow each other are one; what is as by the book is not told.
     *
     * @return list<FedSpan> by date
     */
    public function eaten(): array
    {
        $spans = [];
        foreach ($this->weeks as $week) {
            $eaten = round($week->ofRation($week->eaten), 1);
            $last = $spans === [] ? null : $spans[count($spans) - 1];
            if ($last !== null && $last->eaten === $eaten && $last->until->equals($week->monday)) {
                array_pop($spans);
                $spans[] = new FedSpan($last->from, $week->monday->plusDays(LocalDate::DAYS_PER_WEEK), $eaten);
            } elseif ($eaten !== 1.0) {
                $spans[] = new FedSpan($week->monday, $week->monday->plusDays(LocalDate::DAYS_PER_WEEK), $eaten);
            }
        }

        return $spans;
    }

    /** Far more or far less than by the book for weeks; null: neither. */
    public function finding(LocalDate $today): ?Finding
    {
        $running = array_slice($this->lately($today), -self::WEEKS_RUNNING);
        if (count($running) < self::WEEKS_RUNNING) {
            return null;
        }
        $given = array_map(fn (FedWeek $week): float => $week->ofRation($week->given), $running);
        $times = Times::of(array_sum($given) / self::WEEKS_RUNNING);

        return match (true) {
            min($given) >= self::TOO_MUCH => Finding::of('food.too_much', times: $times, weeks: self::WEEKS_RUNNING),
            max($given) <= self::TOO_LITTLE => Finding::of('food.too_little', times: $times, weeks: self::WEEKS_RUNNING),
            default => null,
        };
    }

    /** @return list<FedWeek> */
    private function lately(LocalDate $today): array
    {
        $since = $today->monday()->plusDays(-LocalDate::DAYS_PER_WEEK * self::HABIT_WEEKS);

        return array_values(array_filter($this->weeks, fn (FedWeek $week): bool => ! $week->monday->isBefore($since)));
    }
}
