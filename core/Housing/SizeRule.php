<?php

declare(strict_types=1);

namespace Biomegas\Housing;

/** Which rule a growing fish runs into first in a home. */
enum SizeRule: string
{
    case SwimLength = 'swim-length';
    case TurningWidth = 'turning-width';
    case Depth = 'depth';
    case LeastHome = 'least-home';
    case Litres = 'litres';

    /** Said of a fish that is past the limit. */
    public function reason(): string
    {
        return match ($this) {
            self::SwimLength => 'too long for the swimming length',
            self::TurningWidth => 'too long to turn',
            self::Depth => 'too tall for the depth',
            self::LeastHome => 'in a home smaller than the tank usually asked for',
            self::Litres => 'too long for the litres',
        };
    }
}
