<?php

declare(strict_types=1);

namespace Biomegas\Culture;

enum CultureEventKind: string
{
    case Counted = 'counted';
    case Harvested = 'harvested';
    case Added = 'added';
}
