<?php

declare(strict_types=1);

namespace Biomegas\Facility;

enum Animal: string
{
    case Fish = 'fish';
    case Shrimp = 'shrimp';
    case Crayfish = 'crayfish';
    case Snail = 'snail';
    case Mussel = 'mussel';
    case Newt = 'newt';
    case Turtle = 'turtle';
    case Other = 'other';
}
