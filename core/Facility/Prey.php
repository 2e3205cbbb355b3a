<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a species eats of that which keepers keep beside it. */
enum Prey: string
{
    case Snails = 'snails';
    case Shrimp = 'shrimp';
    case SmallFish = 'small-fish';
    case Plants = 'plants';
}
