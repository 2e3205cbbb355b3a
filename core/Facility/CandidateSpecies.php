<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** A species that a fish may be, with the share of belief in it. */
final readonly class CandidateSpecies
{
    public function __construct(
        public Species $species,
        /** Above 0, up to 1. */
        public float $weight,
    ) {
    }
}
