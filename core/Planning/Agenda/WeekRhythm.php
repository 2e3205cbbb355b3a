<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

use Biomegas\Calendar\LocalDate;

/** On which days of the week regular work is done. Weekdays as ISO 8601 counts them: Monday is 1. */
final readonly class WeekRhythm
{
    /** Who changes the water so many days before its day has done it. Judgement. */
    private const EARLY_DAYS = 2;

    /**
     * @param  list<int>  $changes  days for water; none: nobody is reminded
     * @param  list<int>  $measures  days for measuring; none: any
     */
    public function __construct(public array $changes = [], public array $measures = [])
    {
    }

    /**
     * The day for water that waits still: today's, or the last one that nobody kept.
     *
     * @param  LocalDate|null  $last  when the water was changed last
     */
    public function changeDue(?LocalDate $last, LocalDate $today): ?LocalDate
    {
        for ($back = 0; $back < LocalDate::DAYS_PER_WEEK; $back++) {
            $day = $today->plusDays(-$back);
            if (in_array(self::weekday($day), $this->changes, true)) {
                return $last !== null && ! $last->isBefore($day->plusDays(-self::EARLY_DAYS)) ? null : $day;
            }
        }

        return null;
    }

    /** Of what is changed in a week, the part of one of its days. */
    public function partOfAWeek(): float
    {
        return 1 / max(1, count($this->changes));
    }

    public function measuresOn(LocalDate $day): bool
    {
        return $this->measures === [] || in_array(self::weekday($day), $this->measures, true);
    }

    private static function weekday(LocalDate $day): int
    {
        return $day->monday()->daysUntil($day) + 1;
    }
}
