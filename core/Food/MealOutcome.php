<?php

declare(strict_types=1);

namespace Biomegas\Food;

/** How a meal went. */
enum MealOutcome: string
{
    case Eaten = 'eaten';
    case Some = 'some';
    case Refused = 'refused';

    /** Of what was given, the part that was eaten when nobody says how much. Judgement. */
    public function usualShare(): float
    {
        return match ($this) {
            self::Eaten => 1.0,
            self::Some => 0.6,
            self::Refused => 0.0,
        };
    }
}
