<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\EmptyHome;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;

/** Days of quarantine still to serve, and the home to serve them in: one that is kept bare first, else the smallest that stands empty and is no home of its chain. */
final readonly class Quarantine
{
    private function __construct(
        public int $days,
        /** Null: none is free, or none is needed. */
        public ?System $home,
    ) {
    }

    /** @param  HomesAhead  $chain  the homes that it is to live in afterwards */
    public static function of(Candidate $candidate, Occupant $newcomer, Facility $facility, Residents $residents, HomesAhead $chain): self
    {
        $days = max(0, $facility->rulebook->quarantineDays() - $candidate->quarantineServed);
        if ($days === 0) {
            return new self(0, null);
        }
        $later = array_map(fn (StayAhead $stay): string => $stay->system->key, array_slice($chain->stays, 1));

        return new self($days, EmptyHome::for($newcomer, $days, $facility, $residents, $later));
    }

    public function isPossible(): bool
    {
        return $this->days === 0 || $this->home !== null;
    }
}
