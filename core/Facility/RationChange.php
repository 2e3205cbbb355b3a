<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Rulebook\Ration;

/** From that day on a fish is fed otherwise. */
final readonly class RationChange
{
    public function __construct(
        public LocalDate $from,
        public Ration $ration,
    ) {
    }
}
