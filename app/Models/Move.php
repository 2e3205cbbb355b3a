<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $from_system_id
 * @property int $to_system_id
 */
final class Move extends LogEntry
{
}
