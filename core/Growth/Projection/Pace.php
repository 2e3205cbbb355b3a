<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

/** How fast a fish grows among those of its species. Our judgement. */
enum Pace: string
{
    case VeryQuick = 'very-quick';
    case Quick = 'quick';
    case Usual = 'usual';
    case Slow = 'slow';
    case VerySlow = 'very-slow';

    /** @param  float  $percent  of its species that would be smaller after the same start */
    public static function of(float $percent): self
    {
        return match (true) {
            $percent > 90.0 => self::VeryQuick,
            $percent > 70.0 => self::Quick,
            $percent > 30.0 => self::Usual,
            $percent > 10.0 => self::Slow,
            default => self::VerySlow,
        };
    }
}
