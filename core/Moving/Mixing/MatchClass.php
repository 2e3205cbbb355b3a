<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/** How a fish is brought from one water to another. */
enum MatchClass: string
{
    case StraightAcross = 'straight-across';
    case Mix = 'mix';
    case SlowMix = 'slow-mix';
    case NotYet = 'not-yet';
}
