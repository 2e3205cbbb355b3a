<?php

declare(strict_types=1);

namespace Biomegas\Cost;

/** What money was spent on. */
enum SpendingKind: string
{
    case Fish = 'fish';
    case Water = 'water';
    case Power = 'power';
    case Treatment = 'treatment';
    case Equipment = 'equipment';
    case Home = 'home';
    case Other = 'other';
}
