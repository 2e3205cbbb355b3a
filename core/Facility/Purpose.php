<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a fish or shoal is kept for. */
enum Purpose: string
{
    case Display = 'display';
    case Food = 'food';
    case Starter = 'starter';
    case Cleaner = 'cleaner';
}
