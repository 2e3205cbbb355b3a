<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Planning\Plan\Aim;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * What was asked of a plan, how far it is, and what it decided.
 *
 * @property int $id
 * @property Aim $aim
 * @property int $months
 * @property bool $may_build
 * @property list<array{fish_id: int, system_id: int, from: string|null, until: string|null}> $locks
 * @property PlanState $state
 * @property bool $is_stop_asked
 * @property float|null $seconds that it took
 * @property string|null $problem why there is none
 * @property string|null $horizon
 * @property float|null $objective
 * @property float|null $bound
 * @property int|null $least_moves
 * @property list<int> $staying fish that were let stay
 * @property list<array<string, mixed>> $built homes, in the words of the scenario format
 * @property list<array<string, mixed>> $supposed what it takes to be otherwise: see Supposed
 * @property bool $is_by_hand
 * @property list<string> $accepted what spoke against it when it was adopted
 * @property Carbon|null $adopted_at null: it is not followed
 * @property int|null $replaced_id
 * @property int|null $user_id
 * @property Carbon|null $created_at
 * @property Collection<int, PlanMove> $moves
 */
final class Plan extends Model
{
    use LogsActivity;
    use SoftDeletes;

    protected $casts = [
        'aim' => Aim::class, 'state' => PlanState::class, 'may_build' => 'boolean', 'is_stop_asked' => 'boolean',
        'is_by_hand' => 'boolean', 'locks' => 'array', 'supposed' => 'array', 'staying' => 'array', 'built' => 'array', 'accepted' => 'array', 'adopted_at' => 'datetime',
    ];

    /** @var list<string> */
    protected static array $recordEvents = ['updated'];

    /** How it was before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['adopted_at'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    protected $attributes = ['locks' => '[]', 'supposed' => '[]', 'is_by_hand' => false, 'staying' => '[]', 'built' => '[]', 'accepted' => '[]', 'is_stop_asked' => false];

    /** @return HasMany<PlanMove, $this> in working order */
    public function moves(): HasMany
    {
        return $this->hasMany(PlanMove::class)->orderBy('on')->orderBy('id');
    }

    /** Older ones that are not followed make way for new ones. */
    public const MOST = 3;

    public static function clearOld(): void
    {
        self::query()->whereNull('adopted_at')->whereNotIn('id', self::query()->whereNull('adopted_at')->latest('id')->limit(self::MOST)->select('id'))->delete();
    }

    public static function adopted(): ?self
    {
        return self::query()->whereNotNull('adopted_at')->latest('adopted_at')->first();
    }
}
