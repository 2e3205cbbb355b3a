<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How a kind moves, which decides the room it needs. */
enum SwimmingStyle: string
{
    case Slow = 'slow';
    case Cruising = 'cruising';
    case Racing = 'racing';

    /** Body lengths of straight swimming room. Common practice, no published source. */
    public function swimLengths(): float
    {
        return match ($this) {
            self::Slow => 3.3,
            self::Cruising => 4.8,
            self::Racing => 7.5,
        };
    }

    /** Body lengths from front to back that it needs to turn. Common practice, no published source. */
    public function turningLengths(): float
    {
        return match ($this) {
            self::Slow => 1.3,
            self::Cruising => 1.4,
            self::Racing => 1.8,
        };
    }
}
