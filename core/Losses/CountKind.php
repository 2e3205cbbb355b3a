<?php

declare(strict_types=1);

namespace Biomegas\Losses;

/** How sure a count of a shoal is. */
enum CountKind: string
{
    case AllCaught = 'all-caught';
    case AtLeast = 'at-least';
    case Estimate = 'estimate';
}
