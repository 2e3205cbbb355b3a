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

    /**
     * @param  list<Occupant>  $residents  without the newcomer
     * @param  non-empty-list<int>|null  $months  1 to 12, of a stay that is meant to end; null: all year round
     */
    public function __construct(
        public Occupant $newcomer,
        public System $system,
        public array $residents,
        Rulebook $rulebook,
        /** It is one of them already: whether they get on is seen, not reckoned. */
        public bool $livesThere = false,
        public ?array $months = null,
    ) {
        $this->rulebook = $rulebook->holdingFor($system->key, $newcomer->fish);
    }

    /** @return non-empty-list<Occupant> */
    public function everybody(): array
    {
        return [$this->newcomer, ...$this->residents];
    }
}
