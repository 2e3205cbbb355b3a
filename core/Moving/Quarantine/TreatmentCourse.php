<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** The days of a treatment: from the first dose to the last, and how long it works on. */
final readonly class TreatmentCourse
{
    /** No label asks for more. Judgement, no published source. */
    private const LONGEST_DAYS = 366;

    /** @throws InvalidEntry naming "date", "until" or "withdrawal" */
    public static function check(Fish $fish, LocalDate $from, LocalDate $until, ?LocalDate $withdrawal, LocalDate $today): void
    {
        LoggedDay::check($from, $fish, $today);
        foreach (['until' => $until, 'withdrawal' => $withdrawal] as $field => $day) {
            if ($day !== null && $day->isBefore($from)) {
                throw InvalidEntry::because($field, Finding::of('quarantine.course_ends_first'));
            }
            if ($day !== null && $from->daysUntil($day) > self::LONGEST_DAYS) {
                throw InvalidEntry::because($field, Finding::of('quarantine.course_too_long', day: $day));
            }
        }
    }
}
