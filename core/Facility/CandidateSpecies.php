<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** A species that a fish may be, with the share of belief in it. */
final readonly class CandidateSpecies
{
    /** @throws ImpossiblePicture when the weight is no share */
    public function __construct(
        public Species $species,
        /** From 0 to 1. */
        public float $weight,
    ) {
        if (! ($weight >= 0.0 && $weight <= 1.0)) {
            throw ImpossiblePicture::becauseAWeightIsNoShare($species->commonName, $weight);
        }
    }
}
