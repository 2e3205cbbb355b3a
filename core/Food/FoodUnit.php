<?php

declare(strict_types=1);

namespace Biomegas\Food;

/** What a food is counted in, everywhere and always the same. */
enum FoodUnit: string
{
    case Gram = 'gram';
    case Piece = 'piece';
}
