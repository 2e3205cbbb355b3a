<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $kind
 * @property int $count
 * @property string|null $cause
 */
final class Loss extends LogEntry
{
}
