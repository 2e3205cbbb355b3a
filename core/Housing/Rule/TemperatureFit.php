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

    /**
     * Within the tolerance of the rulebook. Unknown temperatures and ranges suit: there is nothing to hold against them.
     *
     * @param  non-empty-list<int>|null  $months  1 to 12, of a stay that is meant to end; null: all year round
     */
    public static function of(Species $species, System $system, Rulebook $rulebook, ?array $months = null): self
    {
        if ($species->keepingRange === null || $system->temperature === null) {
            return self::Suits;
        }
        $tolerance = $rulebook->number(RuleParameter::TemperatureTolerance);
        if ($system->temperature->coldest($months) < $species->keepingRange->low - $tolerance) {
            return self::TooCold;
        }

        return $system->temperature->warmest($months) > $species->keepingRange->high + $tolerance ? self::TooWarm : self::Suits;
    }
}
