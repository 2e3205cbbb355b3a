<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One entry about a fish on a day. The log is history: what was corrected or
 * taken back stays behind it.
 *
 * @property int $id
 * @property int $fish_id
 * @property string $date
 * @property int|null $user_id
 */
abstract class LogEntry extends Model
{
    use KeepsHistory;
}
