<?php

declare(strict_types=1);

namespace App\Tasks;

enum TaskKind: string
{
    case Backup = 'backup';

    /** Everything as a data package, to be fetched. */
    case Package = 'package';

    /** A data package into an empty place. */
    case Unpacking = 'unpacking';
}
