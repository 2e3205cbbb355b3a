<?php

declare(strict_types=1);

namespace App\Tasks;

enum TaskKind: string
{
    case Backup = 'backup';

    /** Everything as a data package, to be fetched. */
    case Package = 'package';

    /** A table of entries is read row by row; nothing is written. */
    case Reading = 'reading';

    /** The entries of a table are written down. */
    case Writing = 'writing';

    /** A data package into an empty place. */
    case Unpacking = 'unpacking';
}
