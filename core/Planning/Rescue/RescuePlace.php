<?php

declare(strict_types=1);

namespace Biomegas\Planning\Rescue;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Verdict;

/** Where a fish goes that must come out of its home now, and for how long. */
final readonly class RescuePlace
{
    public function __construct(
        public Fish $fish,
        /** Null: none here takes it; a tub with air, for hours. */
        public ?System $home,
        /** The first day on which it may have to leave again; null: as long as is looked. */
        public ?LocalDate $until,
        /** What speaks against it there, or ends it; null: nothing. */
        public ?Verdict $because,
        /** It is too crowded or too small there and will do for some days only. */
        public bool $isStopgap,
        /** Grams. */
        public float $mass,
    ) {
    }
}
