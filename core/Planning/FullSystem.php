<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** When a system is full, and why. Null dates lie beyond the horizon. */
final readonly class FullSystem
{
    public function __construct(
        public ?LocalDate $early,
        public ?LocalDate $likely,
        public ?LocalDate $late,
        public Finding $because,
    ) {
    }

    /** By the likely date, then the early one; true only when there is a date at all. */
    public function comesBefore(?self $other): bool
    {
        foreach (['likely', 'early'] as $date) {
            if ($this->{$date} !== null) {
                return $other?->{$date} === null || $this->{$date}->isBefore($other->{$date});
            }
            if ($other?->{$date} !== null) {
                return false;
            }
        }

        return false;
    }
}
