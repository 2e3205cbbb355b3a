<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

/** What was going on in a home while one fish went for another. */
enum Occasion: string
{
    case Feeding = 'feeding';
    case Newcomer = 'newcomer';
    case Brood = 'brood';
    case WaterChange = 'water-change';
    case MovedDecor = 'moved-decor';
}
