<?php

declare(strict_types=1);

namespace Biomegas\Growth;

/** Why a length is asked about before it is kept. */
enum LengthQuestion: string
{
    case Shrunk = 'shrunk';
    case Jumped = 'jumped';
    case FallsShort = 'falls-short';

    public function sentence(): string
    {
        return match ($this) {
            self::Shrunk => 'This is shorter than the last length, and fish do not shrink. Check the length, the unit and the fish.',
            self::Jumped => 'This is much longer than expected. Check the length, the unit and the fish.',
            self::FallsShort => 'This is much shorter than expected. Check the length, the unit and the fish.',
        };
    }
}
