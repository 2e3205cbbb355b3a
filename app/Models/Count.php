<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $kind
 * @property int $number
 */
final class Count extends LogEntry
{
}
