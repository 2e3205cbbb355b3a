<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a home is fitted with, and what a kind needs there. */
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

    /** A tight lid is a lid too. */
    public function serves(self $need): bool
    {
        return $this === $need || ($this === self::TightLid && $need === self::Lid);
    }

    public function words(): string
    {
        return match ($this) {
            self::Lid => 'a lid',
            self::TightLid => 'a tight lid',
            self::Sand => 'sand',
            self::OpenFloor => 'open floor',
            self::Hides => 'hides',
            self::SightBreaks => 'sight breaks',
            self::Flow => 'flow',
            self::Air => 'air',
            self::Plants => 'plants',
            self::DimLight => 'dim light',
            self::Buffering => 'a buffering substrate',
            self::GuardedHeater => 'a guarded heater',
            self::GuardedOverflow => 'a guarded overflow',
            self::LinerSafe => 'a liner out of its reach',
            self::LevellingMat => 'a levelling mat',
        };
    }
}
