<?php

declare(strict_types=1);

namespace Biomegas\Planning\Search;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Species;
use Biomegas\Housing\Verdict\Verdict;

/** A species that could live in a home, or could not, and why. */
final readonly class SuitableSpecies
{
    /**
     * @param  list<Role>  $roles
     * @param  list<Verdict>  $toMend
     */
    public function __construct(
        public Species $species,
        public Fit $fit,
        /** The first day on which it may have to leave; null for life, and where that lies beyond the horizon. */
        public ?LocalDate $until,
        /** The least and the greatest number that could live there for as long; 0 when none can. */
        public int $least,
        public int $most,
        /** What ends its stay or forbids it; null when nothing does. */
        public ?Verdict $because,
        public array $roles,
        public array $toMend,
        /** Smaller it would be swallowed there, millimetres; null: as it is sold it may come. */
        public ?float $joinFrom = null,
    ) {
    }
}
