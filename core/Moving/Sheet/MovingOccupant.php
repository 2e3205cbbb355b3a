<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Quarantine\QuarantineState;

/** One who is to be moved. */
final readonly class MovingOccupant
{
    /** @param  list<string>  $hazards  spines, stings, bites: one sentence each */
    public function __construct(
        public Occupant $occupant,
        /** Grams of each. */
        public float $mass,
        public Hardiness $hardiness,
        public array $hazards = [],
        /** Null: it is in none. */
        public ?QuarantineState $quarantine = null,
        /** Nobody has said where it goes if it cannot stay. */
        public bool $wantsFallback = false,
    ) {
    }
}
