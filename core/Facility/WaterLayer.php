<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** Where in the water a kind lives. */
enum WaterLayer: string
{
    case Bottom = 'bottom';
    case Middle = 'middle';
    case Top = 'top';
    case All = 'all';
}
