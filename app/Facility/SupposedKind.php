<?php

declare(strict_types=1);

namespace App\Facility;

/** What may be thought of beside a plan. */
enum SupposedKind: string
{
    case Fitted = 'fitted';
    case Media = 'media';
    case KeptAt = 'kept-at';
    case LargerChange = 'larger-change';
    case Fewer = 'fewer';
    case Parted = 'parted';
    case Rehomed = 'rehomed';
    case ReadyLater = 'ready-later';
    case GrowsLarge = 'grows-large';
    case OneMore = 'one-more';
}
