<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A file that is no backup, or not whole. */
final class DamagedBackup extends RuntimeException
{
}
