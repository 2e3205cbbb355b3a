<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;

/** Days of quarantine still to serve, and a home without residents to serve them in. */
final readonly class Quarantine
{
    private function __construct(
        public int $days,
        /** Null: none is free, or none is needed. */
        public ?System $home,
    ) {
    }

    public static function of(Candidate $candidate, Occupant $newcomer, Facility $facility): self
    {
        $days = max(0, $facility->rulebook->quarantineDays() - $candidate->quarantineServed);
        foreach ($days === 0 ? [] : $facility->systems as $system) {
            $isFree = $facility->residentsOf($system) === [] && $system->isAvailableOn($facility->date);
            if ($isFree && Judgement::of(new HousingCase($newcomer, $system, [], $facility->rulebook))->obstacle() === null) {
                return new self($days, $system);
            }
        }

        return new self($days, null);
    }

    public function isPossible(): bool
    {
        return $this->days === 0 || $this->home !== null;
    }
}
