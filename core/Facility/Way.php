<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a species does that its home must be fit for. Common practice, no published source. */
enum Way: string
{
    case Jumper = 'jumper';
    /** It dives into the bottom when it is frightened or rests. */
    case Diver = 'diver';
    /** It digs itself in, through a liner too. */
    case Burrower = 'burrower';

    /** Null: nothing built in helps. */
    public function wants(): ?Fitting
    {
        return match ($this) {
            self::Jumper => Fitting::Lid,
            self::Diver => Fitting::Sand,
            self::Burrower => null,
        };
    }
}
