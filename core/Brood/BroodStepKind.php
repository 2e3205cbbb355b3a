<?php

declare(strict_types=1);

namespace Biomegas\Brood;

/** A stage of a brood, or what is to be done by then. */
enum BroodStepKind: string
{
    case LookForEggs = 'look-for-eggs';
    case Birth = 'birth';
    case ParentsOut = 'parents-out';
    case Tails = 'tails';
    case Hatch = 'hatch';
    case YolkUsed = 'yolk-used';
    case Nursery = 'nursery';
    case FreeSwimming = 'free-swimming';
    case Released = 'released';
    case FryOut = 'fry-out';
    case FirstFood = 'first-food';
    case BrineShrimp = 'brine-shrimp';
    case Guarded = 'guarded';

    /** It is seen, not done. */
    public function isStage(): bool
    {
        return in_array($this, [self::Tails, self::Hatch, self::YolkUsed, self::FreeSwimming, self::Released, self::Birth, self::Guarded], true);
    }
}
