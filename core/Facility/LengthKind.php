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
}
