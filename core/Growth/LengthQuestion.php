<?php

declare(strict_types=1);

namespace Biomegas\Growth;

/** Why a length is asked about before it is kept. */
enum LengthQuestion: string
{
    case Shrunk = 'shrunk';
    case Jumped = 'jumped';
    case FallsShort = 'falls-short';
    /** It would fit with another unit, or as a half or a double. */
    case UnitSlip = 'unit-slip';
    /** It would fit another fish of the same home. */
    case OtherFish = 'other-fish';
}
