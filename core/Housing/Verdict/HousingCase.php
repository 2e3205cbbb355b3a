<?php

declare(strict_types=1);

namespace Biomegas\Housing\Verdict;

use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;

/** May this newcomer live in this home with those who live there on some day? */
final readonly class HousingCase
{
    /** As it holds for this newcomer in this home. */
    public Rulebook $rulebook;

    /** @param  list<Occupant>  $residents  without the newcomer */
    public function __construct(
        public Occupant $newcomer,
        public System $system,
        public array $residents,
        Rulebook $rulebook,
        /** It is one of them already: whether they get on is seen, not reckoned. */
        public bool $livesThere = false,
    ) {
        $this->rulebook = $rulebook->holdingFor($system->key, $newcomer->fish);
    }

    /** @return non-empty-list<Occupant> */
    public function everybody(): array
    {
        return [$this->newcomer, ...$this->residents];
    }
}
