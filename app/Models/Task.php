<?php

declare(strict_types=1);

namespace App\Models;

use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that takes long and is done aside.
 *
 * @property int $id
 * @property TaskKind $kind
 * @property TaskState $state
 * @property float $share how much of it is done
 * @property bool $is_stop_asked
 * @property string|null $file what it made, or works on
 * @property string|null $problem
 * @property int|null $user_id
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 */
final class Task extends Model
{
    /** Older ones are forgotten. */
    public const MOST = 50;

    protected $attributes = ['state' => TaskState::Waiting->value, 'share' => 0, 'is_stop_asked' => false];

    protected $casts = ['kind' => TaskKind::class, 'state' => TaskState::class, 'share' => 'float', 'is_stop_asked' => 'boolean', 'created_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime'];
}
