<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How a kind moves, which decides the room it needs. */
enum SwimmingStyle: string
{
    case Slow = 'slow';
    case Cruising = 'cruising';
    case Racing = 'racing';

    /** Body lengths of straight swimming room. */
    public function swimLengths(): RuleConstant
    {
        return match ($this) {
            self::Slow => RuleConstant::SwimSlow,
            self::Cruising => RuleConstant::SwimCruising,
            self::Racing => RuleConstant::SwimRacing,
        };
    }

    /** Body lengths from front to back that it needs to turn. */
    public function turningLengths(): RuleConstant
    {
        return match ($this) {
            self::Slow => RuleConstant::TurnSlow,
            self::Cruising => RuleConstant::TurnCruising,
            self::Racing => RuleConstant::TurnRacing,
        };
    }
}
