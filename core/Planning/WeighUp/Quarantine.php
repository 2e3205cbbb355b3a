<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
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
        $free = array_filter($facility->systems, fn (System $system): bool => $system->isAvailableOn($facility->date)
            && ! in_array($system->key, $later, true)
            && $residents->on($system, $facility->date) === [] && $residents->on($system, $facility->date->plusDays($days)) === []
            && Judgement::obstacleIn(new HousingCase($newcomer, $system, [], $facility->rulebook)) === null);
        usort($free, fn (System $a, System $b): int => [$b->isForQuarantine(), $a->litres()] <=> [$a->isForQuarantine(), $b->litres()]);

        return new self($days, $free[0] ?? null);
    }

    public function isPossible(): bool
    {
        return $this->days === 0 || $this->home !== null;
    }
}
