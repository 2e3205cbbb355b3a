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
}
