<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\Sex;

/**
 * A fish that went into a shoal and is counted with it from then on.
 *
 * @property int $into_fish_id
 * @property int $count
 * @property Sex|null $sex
 */
final class ShoalJoin extends LogEntry
{
    protected $casts = ['sex' => Sex::class];
}
