<?php

declare(strict_types=1);

namespace Biomegas\Brood;

/** How a kind brings up its young. */
enum BroodStyle: string
{
    /** Eggs and young are held in the mouth. */
    case Mouthbrooder = 'mouthbrooder';
    /** Eggs are strewn and eaten by whoever finds them. */
    case EggScatterer = 'egg-scatterer';
    /** Eggs are stuck to something and guarded. */
    case SubstrateGuarder = 'substrate-guarder';
    case Livebearer = 'livebearer';

    /** Its parents drive off whoever comes near. */
    public function guards(): bool
    {
        return in_array($this, [self::Mouthbrooder, self::SubstrateGuarder], true);
    }
}
