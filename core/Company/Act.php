<?php

declare(strict_types=1);

namespace Biomegas\Company;

/** What one fish did to another. */
enum Act: string
{
    case Sparred = 'sparred';
    case Flared = 'flared';
    case Chased = 'chased';
    case Nipped = 'nipped';
    case Bit = 'bit';
    case Rammed = 'rammed';
    case LockedLips = 'locked-lips';
    /** Held in a corner, from which it does not get away. */
    case Pinned = 'pinned';

    /** One gets the better of the other; to display, to spar and to wrestle decides nothing. */
    public function isWon(): bool
    {
        return ! in_array($this, [self::Sparred, self::Flared, self::LockedLips], true);
    }
}
