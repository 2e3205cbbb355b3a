<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Losses\CountKind;

/**
 * @property CountKind $kind
 * @property int $number
 * @property int|null $give_or_take of an estimate
 */
final class Count extends LogEntry
{
    protected $casts = ['kind' => CountKind::class];
}
