<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** How the water of a system over the year meets the range in which a species may be kept. */
enum TemperatureFit: string
{
    case Suits = 'suits';
    case TooCold = 'too-cold';
    case TooWarm = 'too-warm';

    /** Within the tolerance of the rulebook. Unknown temperatures and ranges suit: there is nothing to hold against them. */
    public static function of(Species $species, System $system, Rulebook $rulebook): self
    {
        if ($species->keepingRange === null || $system->temperature === null) {
            return self::Suits;
        }
        $tolerance = $rulebook->number(RuleParameter::TemperatureTolerance);
        if ($system->temperature->coldest() < $species->keepingRange->low - $tolerance) {
            return self::TooCold;
        }

        return $system->temperature->warmest() > $species->keepingRange->high + $tolerance ? self::TooWarm : self::Suits;
    }
}
