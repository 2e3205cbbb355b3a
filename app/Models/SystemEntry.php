<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * One entry about a system on a day. What was taken back stays behind it.
 *
 * @property int $id
 * @property int $system_id
 * @property string $date
 * @property int|null $user_id
 */
abstract class SystemEntry extends Model
{
    use LogsActivity;
    use SoftDeletes;

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logAll()->logExcept(['created_at', 'updated_at'])->logOnlyDirty();
    }
}
