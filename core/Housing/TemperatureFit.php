<?php

declare(strict_types=1);

namespace Biomegas\Housing;

use Biomegas\Facility\Species;
use Biomegas\Facility\System;

/** How the water of a system over the year meets the range in which a species may be kept. */
enum TemperatureFit: string
{
    case Suits = 'suits';
    case TooCold = 'too-cold';
    case TooWarm = 'too-warm';

    /** Unknown temperatures and ranges suit: there is nothing to hold against them. */
    public static function of(Species $species, System $system): self
    {
        if ($species->keepingRange === null || $system->temperature === null) {
            return self::Suits;
        }
        if ($system->temperature->coldest() < $species->keepingRange->low) {
            return self::TooCold;
        }

        return $system->temperature->warmest() > $species->keepingRange->high ? self::TooWarm : self::Suits;
    }
}
