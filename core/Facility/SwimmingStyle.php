<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Rulebook\RuleParameter;

/** How a species moves, which decides the room it needs. */
enum SwimmingStyle: string
{
    case Slow = 'slow';
    case Cruising = 'cruising';
    case Racing = 'racing';

    /** Body lengths of straight swimming room. */
    public function swimLengths(): RuleParameter
    {
        return match ($this) {
            self::Slow => RuleParameter::SwimSlow,
            self::Cruising => RuleParameter::SwimCruising,
            self::Racing => RuleParameter::SwimRacing,
        };
    }

    /** Body lengths from front to back that it needs to turn. */
    public function turningLengths(): RuleParameter
    {
        return match ($this) {
            self::Slow => RuleParameter::TurnSlow,
            self::Cruising => RuleParameter::TurnCruising,
            self::Racing => RuleParameter::TurnRacing,
        };
    }
}
