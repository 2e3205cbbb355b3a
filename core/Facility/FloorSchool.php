<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How much floor the fish of one water layer need together. */
enum FloorSchool: string
{
    case Roomy = 'roomy';
    case Crowded = 'crowded';

    /** Floor area per sum of squared lengths. Common practice, no published source. */
    public function floorPerSquaredLength(): float
    {
        return match ($this) {
            self::Roomy => 2.9,
            self::Crowded => 1.65,
        };
    }
}
