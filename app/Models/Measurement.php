<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $length_tenth_mm
 * @property string $method
 * @property int $version
 */
final class Measurement extends LogEntry
{
}
