<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;

/** The band of one fish in one lane. */
final readonly class LaneStay
{
    public function __construct(
        public Fish $fish,
        /** Key of the system. */
        public string $system,
        public LocalDate $from,
        /** The first day on which it is not there any more; null: as far as is looked. */
        public ?LocalDate $until,
        /** @var non-empty-list<LanePoint> by day */
        public array $points,
    ) {
    }
}
