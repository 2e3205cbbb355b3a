<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

/** Which rule a growing fish runs into first in a home. */
enum SizeRule: string
{
    case SwimLength = 'swim-length';
    case TurningWidth = 'turning-width';
    case Depth = 'depth';
    case LeastHome = 'least-home';
    case Litres = 'litres';
}
