<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * What a system, or a fish by itself, is fed. How it was before stays behind it.
 *
 * @property int $id
 * @property int|null $system_id
 * @property int|null $fish_id
 * @property non-empty-list<array{food_id: int, share: float|int}> $parts
 * @property float $of_ration
 * @property int $times
 * @property list<int> $fasting
 * @property string|null $medicine
 * @property string|null $medicine_until
 */
final class FeedingPlan extends Model
{
    use LogsActivity;

    protected $casts = ['parts' => 'array', 'of_ration' => 'float', 'times' => 'integer', 'fasting' => 'array'];

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logAll()->logExcept(['created_at', 'updated_at'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
