<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\Sex;
use Biomegas\Losses\LossKind;

/**
 * @property LossKind $kind
 * @property int $count
 * @property string|null $cause
 * @property int|null $eaten_by_id who ate it
 * @property string|null $last_seen where the day is not known
 * @property string|null $lesson what was learnt
 * @property Sex|null $sex of all that were lost; null: not known
 */
final class Loss extends LogEntry
{
    protected $casts = ['kind' => LossKind::class, 'sex' => Sex::class];
}
