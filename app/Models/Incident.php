<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $target_id
 * @property string|null $time
 * @property string $act
 * @property string $harm
 */
final class Incident extends LogEntry
{
}
