<?php

declare(strict_types=1);

namespace Biomegas\Brood;

/** What was seen that tells of a brood. */
enum BroodSign: string
{
    case PairFormed = 'pair-formed';
    case Darkening = 'darkening';
    case Guarding = 'guarding';
    case Spawned = 'spawned';
    case Holding = 'holding';
    case Born = 'born';

    /** From it on days are counted; the others say only that it may come. */
    public function setsTheDay(): bool
    {
        return ! in_array($this, [self::PairFormed, self::Darkening], true);
    }
}
