<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Background;
use Biomegas\Facility\Species;

/** What somebody thinks of bringing home. */
final readonly class Candidate
{
    public function __construct(
        public Species $kind,
        public Background $background,
        public int $count,
        /** Millimetres, as stated for its kind. */
        public float $length,
        public HealthSeen $health,
        /** Days of quarantine that it has served at the seller's. */
        public int $quarantineServed,
        /** For one, in the facility's money; null: not known. */
        public ?float $price,
        /** A place is known for it if it cannot stay. */
        public bool $hasFallback,
    ) {
    }

    /** "it" or "they". */
    public function it(): string
    {
        return $this->count === 1 ? 'it' : 'them';
    }
}
