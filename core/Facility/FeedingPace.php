<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How fast a species is at its food, and how restless beside others. */
enum FeedingPace: string
{
    case Slow = 'slow';
    case Normal = 'normal';
    case Fast = 'fast';
}
