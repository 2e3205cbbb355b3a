<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** The time that a plan looks at, cut up: by weeks at first, then by months of four weeks, later by quarters of a year; for many fish sooner so. */
final readonly class Periods
{
    /** Days of a period by the day until which they are so long; the last for what comes after. */
    private const FINE = [84 => LocalDate::DAYS_PER_WEEK, 730 => 28, PHP_INT_MAX => 91];

    private const COARSE = [28 => LocalDate::DAYS_PER_WEEK, 182 => 28, 730 => 56, PHP_INT_MAX => 91];

    /** @param  non-empty-list<int>  $starts  days from today; @param  int  $end the day after the last */
    private function __construct(
        public LocalDate $today,
        private array $starts,
        private int $end,
    ) {
    }

    /** @param  int  $days  to look ahead, at least 1 */
    public static function of(LocalDate $today, int $days, bool $isForMany = false): self
    {
        $starts = [0];
        for ($day = LocalDate::DAYS_PER_WEEK; $day < $days;) {
            $starts[] = $day;
            foreach ($isForMany ? self::COARSE : self::FINE as $until => $step) {
                if ($day < $until) {
                    $day += $step;
                    break;
                }
            }
        }

        return new self($today, $starts, max(1, $days));
    }

    public function count(): int
    {
        return count($this->starts);
    }

    public function start(int $period): LocalDate
    {
        return $this->today->plusDays($this->starts[$period]);
    }

    /** The first day after it. */
    public function end(int $period): LocalDate
    {
        return $this->today->plusDays($this->endDay($period));
    }

    public function middle(int $period): LocalDate
    {
        return $this->today->plusDays(intdiv($this->starts[$period] + $this->endDay($period), 2));
    }

    public function days(int $period): int
    {
        return $this->endDay($period) - $this->starts[$period];
    }

    /** Of its days, those from this day on; null: none. */
    public function daysFrom(int $period, ?LocalDate $day): int
    {
        return $day === null ? 0 : max(0, min($this->days($period), $day->daysUntil($this->end($period))));
    }

    /** The first period that begins on that day or later; one past the last when none does. */
    public function firstFrom(LocalDate $day): int
    {
        $days = $this->today->daysUntil($day);
        foreach ($this->starts as $period => $start) {
            if ($start >= $days) {
                return $period;
            }
        }

        return $this->count();
    }

    /** @return non-empty-list<int> months of the year that it touches, 1 to 12 */
    public function months(int $period): array
    {
        $first = (int) substr($this->start($period)->toIso(), 5, 2);
        $last = (int) substr($this->end($period)->plusDays(-1)->toIso(), 5, 2);
        $months = [$first];
        while ($first !== $last) {
            $first = $first % 12 + 1;
            $months[] = $first;
        }

        return $months;
    }

    /** The day after the last. */
    public function horizon(): LocalDate
    {
        return $this->today->plusDays($this->end);
    }

    private function endDay(int $period): int
    {
        return $this->starts[$period + 1] ?? $this->end;
    }
}
