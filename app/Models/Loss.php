<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Losses\LossKind;

/**
 * @property LossKind $kind
 * @property int $count
 * @property string|null $cause
 */
final class Loss extends LogEntry
{
    protected $casts = ['kind' => LossKind::class];
}
