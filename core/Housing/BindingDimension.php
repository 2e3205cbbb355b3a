<?php

declare(strict_types=1);

namespace Biomegas\Housing;

/** Which dimension of a home a growing fish runs out of first. */
enum BindingDimension: string
{
    case SwimLength = 'swim-length';
    case TurningWidth = 'turning-width';
    case Depth = 'depth';

    /** Said of a fish that is past the limit. */
    public function reason(): string
    {
        return match ($this) {
            self::SwimLength => 'too long for the swim run',
            self::TurningWidth => 'too long to turn',
            self::Depth => 'too tall for the depth',
        };
    }
}
