<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** How a length was taken, which decides how far it can be trusted. */
enum Method: string
{
    case Hand = 'hand';
    case Picture = 'picture';
    case Ruler = 'ruler';
    case Eye = 'eye';

    /** Relative standard error of one length. Common practice, no published source. */
    public function relativeError(): float
    {
        return match ($this) {
            self::Hand => 0.01,
            self::Picture => 0.03,
            self::Ruler => 0.05,
            self::Eye => 0.12,
        };
    }
}
