<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

/** What a watcher looks at. */
enum CheckItem: string
{
    case Breathing = 'breathing';
    case Eating = 'eating';
    case Hiding = 'hiding';
    case Colour = 'colour';
    case Fins = 'fins';
    case Scales = 'scales';
    case Eyes = 'eyes';
    case Surface = 'surface';
    case Disc = 'disc';

    /** Take it out at once. Common practice, no published source. */
    public function isGrave(): bool
    {
        return match ($this) {
            self::Scales, self::Eyes, self::Surface, self::Disc => true,
            default => false,
        };
    }

    /** Not eating for some days is usual, and so is hiding: neither keeps a fish from settling by itself. */
    public function mayBeMissing(): bool
    {
        return $this === self::Eating;
    }
}
