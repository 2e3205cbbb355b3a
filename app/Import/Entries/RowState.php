<?php

declare(strict_types=1);

namespace App\Import\Entries;

enum RowState: string
{
    case Good = 'good';

    /** Unlikely, or there already: written only when that is wanted. */
    case Doubtful = 'doubtful';
    case Refused = 'refused';
    case Written = 'written';
}
