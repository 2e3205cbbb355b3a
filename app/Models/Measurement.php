<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $length_tenth_mm
 * @property string $method
 * @property int $version
 * @property string|null $length_kind
 * @property int $sample
 * @property int|null $spread_tenth_mm
 */
final class Measurement extends LogEntry
{
    use Versioned;
}
