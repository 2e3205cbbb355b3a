<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

enum ObjectionKind: string
{
    case NotReady = 'not-ready';
    case Water = 'water';
    case Housing = 'housing';
    case Swallowing = 'swallowing';
    case Quarantine = 'quarantine';
    case Fallback = 'fallback';
    case Filter = 'filter';
}
