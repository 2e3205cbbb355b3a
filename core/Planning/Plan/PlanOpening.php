<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;

/** A home that a plan opens. */
final readonly class PlanOpening
{
    public function __construct(
        public System $system,
        /** The day on which the first fish comes. */
        public LocalDate $by,
        /** The day on which to begin at the latest. */
        public LocalDate $latestStart,
        /** In the facility's money. */
        public float $price,
        /** @var non-empty-list<Fish> for whom */
        public array $for,
    ) {
    }
}
