<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** Which length a measurement or an adult size means; rays are measured across the disc. */
enum LengthKind: string
{
    case Total = 'total';
    case Fork = 'fork';
    case Standard = 'standard';
    case Disc = 'disc';

    /** Relative error that a conversion between kinds adds: bodies differ. From memory, no published source. */
    public const CONVERSION_ERROR = 0.03;

    /**
     * Share of the total length, typical of fish with a forked tail; of a ray
     * the disc's share of the length with the tail. From memory, no published source.
     */
    public function shareOfTotal(): float
    {
        return match ($this) {
            self::Total => 1.0,
            self::Fork => 0.92,
            self::Standard => 0.82,
            self::Disc => 0.55,
        };
    }
}
