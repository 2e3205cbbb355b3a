<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a species does to plants. */
enum PlantManners: string
{
    case Safe = 'safe';
    case Eats = 'eats';
    case Uproots = 'uproots';
}
