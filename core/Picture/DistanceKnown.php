<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** How the distance of the camera is known, where it is said. The errors are judgement, no published source. */
enum DistanceKnown: string
{
    case Measured = 'measured';
    case Paced = 'paced';
    case Guessed = 'guessed';

    /** Relative standard error. */
    public function relativeError(): float
    {
        return match ($this) {
            self::Measured => 0.01,
            self::Paced => 0.05,
            self::Guessed => 0.15,
        };
    }
}
