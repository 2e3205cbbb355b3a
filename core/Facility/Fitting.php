<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a home is fitted with, and what a species needs there. */
enum Fitting: string
{
    case Lid = 'lid';
    case TightLid = 'tight-lid';
    case Sand = 'sand';
    case OpenFloor = 'open-floor';
    case Hides = 'hides';
    case SightBreaks = 'sight-breaks';
    case Flow = 'flow';
    case Air = 'air';
    case Plants = 'plants';
    case DimLight = 'dim-light';
    case Buffering = 'buffering';
    case GuardedHeater = 'guarded-heater';
    case GuardedOverflow = 'guarded-overflow';
    case LinerSafe = 'liner-safe';
    case LevellingMat = 'levelling-mat';
    /** No rock and no substrate, so that copper and other medicine may be used: kept for quarantine. */
    case BareQuarantine = 'bare-quarantine';

    /** A tight lid is a lid too. */
    public function serves(self $need): bool
    {
        return $this === $need || ($this === self::TightLid && $need === self::Lid);
    }
}
