<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

/** What a line that was typed writes down. */
enum QuickKind: string
{
    case Length = 'length';
    case Count = 'count';
    case Incident = 'incident';
    case Test = 'test';
    case Change = 'change';
    case Loss = 'loss';
    case Meal = 'meal';
    case Move = 'move';
    case Note = 'note';
}
