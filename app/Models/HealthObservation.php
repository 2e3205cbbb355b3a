<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What was seen of a fish on a day.
 *
 * @property string|null $time
 * @property bool $is_eating
 * @property string|null $sign
 */
final class HealthObservation extends LogEntry
{
    protected $casts = ['is_eating' => 'boolean'];
}
