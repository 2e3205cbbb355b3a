<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Somebody looks at a system.
 *
 * @property int $id
 * @property int $system_id
 * @property string $began_at
 * @property int|null $minutes null: the clock still runs
 * @property int|null $user_id
 */
final class WatchedSpan extends Model
{
    use KeepsHistory;
}
