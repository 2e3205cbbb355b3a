<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;

/** How long one was on days gone by, in straight lines between what was measured; before its first length as long as then. */
final readonly class MeasuredPast
{
    /** @param  non-empty-list<array{LocalDate, float}>  $points  by date, the last of them today; millimetres */
    private function __construct(private array $points)
    {
    }

    /** @param  float  $now  millimetres */
    public static function of(Fish $fish, float $now, LocalDate $today): self
    {
        $points = [];
        foreach ($fish->lengths as $length) {
            $points[] = [$length->date, $length->length->millimetres()];
        }

        return new self([...$points, [$today, $now]]);
    }

    /** Millimetres. */
    public function on(LocalDate $day): float
    {
        $before = null;
        foreach ($this->points as [$date, $length]) {
            if (! $date->isBefore($day)) {
                if ($before === null) {
                    return $length;
                }
                $days = max(1, $before[0]->daysUntil($date));

                return $before[1] + ($length - $before[1]) * $before[0]->daysUntil($day) / $days;
            }
            $before = [$date, $length];
        }

        return $this->points[count($this->points) - 1][1];
    }
}
