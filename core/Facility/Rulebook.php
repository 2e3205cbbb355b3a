<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** The choices where keepers disagree, and their constants. */
final readonly class Rulebook
{
    public function __construct(
        public FloorSchool $floor = FloorSchool::Roomy,
        /** How long a home should last when fish are moved up in stages. Common practice, no published source. */
        public float $stagedMonths = 6,
    ) {
    }

    public function stagedDays(): int
    {
        return (int) round($this->stagedMonths * LocalDate::DAYS_PER_YEAR / 12);
    }
}
