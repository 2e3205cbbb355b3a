<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Why an iterative method ended. */
enum StopReason
{
    /** A further step changes nothing that matters. */
    case Converged;
    /** No step improves the fit although it is not flat yet. */
    case Stalled;
    case IterationLimit;
}
