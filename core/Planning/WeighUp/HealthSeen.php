<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

/** How a fish looks at the seller's. */
enum HealthSeen: string
{
    case Well = 'well';
    case NotSeenEating = 'not-seen-eating';
    case Sick = 'sick';
}
