<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

/** Whether 3/11 is a day of November or of March. */
enum DateOrder: string
{
    case DayFirst = 'day-first';
    case MonthFirst = 'month-first';

    /**
     * What a whole column of dates shows: in one of them a number is too large for a month.
     *
     * @param  list<string>  $dates  as typed
     * @return self|null null when none of them tells, or two contradict each other
     */
    public static function shownBy(array $dates): ?self
    {
        $shown = [];
        foreach ($dates as $date) {
            if (preg_match('#^\s*(\d{1,2})[./-](\d{1,2})[./-]\d{2,4}\s*$#', $date, $part) === 1) {
                $shown[] = (int) $part[1] > 12 ? self::DayFirst : ((int) $part[2] > 12 ? self::MonthFirst : null);
            }
        }
        $told = array_values(array_unique(array_filter($shown), SORT_REGULAR));

        return count($told) === 1 ? $told[0] : null;
    }
}
