<?php

declare(strict_types=1);

namespace Biomegas\Facility;

enum Salinity: string
{
    case Fresh = 'fresh';
    case Brackish = 'brackish';
    case Marine = 'marine';

    /** Parts per thousand that such water usually has: the sea by standard, brackish in its middle. */
    public function usualPpt(): float
    {
        return match ($this) {
            self::Fresh => 0.0,
            self::Brackish => 10.0,
            self::Marine => 35.0,
        };
    }
}
