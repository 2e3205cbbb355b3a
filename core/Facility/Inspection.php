<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** Something to look at regularly in a species: teeth, pits in the head, worms. */
final readonly class Inspection
{
    public function __construct(
        public string $what,
        public int $everyDays,
    ) {
    }

    /** @param  LocalDate  $last  the day of the last one; of one that was never inspected, the day it came */
    public function isDueOn(LocalDate $today, LocalDate $last): bool
    {
        return $last->daysUntil($today) >= $this->everyDays;
    }
}
