<?php

declare(strict_types=1);

namespace Biomegas\Food;

/** How a kind stands to a food. */
enum Taking: string
{
    case Takes = 'takes';
    case Refuses = 'refuses';
    /** It would eat it and is not to have it. */
    case Forbidden = 'forbidden';
}
