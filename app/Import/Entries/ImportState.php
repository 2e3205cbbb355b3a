<?php

declare(strict_types=1);

namespace App\Import\Entries;

enum ImportState: string
{
    case Reading = 'reading';

    /** Every row is read; nothing is written. */
    case Read = 'read';
    case Writing = 'writing';
    case Written = 'written';

    /** What was written was taken back. */
    case Undone = 'undone';
}
