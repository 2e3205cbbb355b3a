<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** How square to the sight the fish stands. The spreads are judgement, no published source. */
enum Heading: string
{
    case Square = 'square';
    case Nearly = 'nearly';
    case Unsure = 'unsure';

    /** Standard deviation of the angle, degrees. */
    public function spread(): float
    {
        return match ($this) {
            self::Square => 5.0,
            self::Nearly => 15.0,
            self::Unsure => 25.0,
        };
    }
}
