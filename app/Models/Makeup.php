<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Who makes up a shoal on a day.
 *
 * @property int $count
 * @property int $males
 * @property int $females
 * @property list<array{called: string, count: int, length_tenth_mm: int}> $sizes
 * @property int|null $measurement_id
 */
final class Makeup extends LogEntry
{
    protected $casts = ['sizes' => 'array'];
}
