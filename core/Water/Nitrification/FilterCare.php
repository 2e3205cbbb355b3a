<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/** What was done to a filter, and the share of its bacteria that is left. Judgement from practice, no published source. */
enum FilterCare: string
{
    case Untouched = 'untouched';
    case Rinsed = 'rinsed';
    case HalfRemoved = 'half-removed';
    case DeepCleaned = 'deep-cleaned';
    case Scrubbed = 'scrubbed';
    case ChlorinatedTap = 'chlorinated-tap';

    public function left(): float
    {
        return match ($this) {
            self::Untouched => 1.0,
            self::Rinsed => 0.7,
            self::HalfRemoved => 0.5,
            self::DeepCleaned => 0.3,
            self::Scrubbed => 0.1,
            self::ChlorinatedTap => 0.02,
        };
    }
}
