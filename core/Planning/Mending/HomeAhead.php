<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;

/** A home that must be built some day, plan or no plan. */
final readonly class HomeAhead
{
    public function __construct(
        public System $home,
        public LocalDate $by,
        /** The day to begin. */
        public LocalDate $begin,
        /** @var list<Fish> who share it, grown */
        public array $for,
    ) {
    }
}
