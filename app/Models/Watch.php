<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The close look at a fish after a move.
 *
 * @property int $id
 * @property int $fish_id
 * @property int $system_id
 * @property int|null $move_sheet_id
 * @property string $began_at
 * @property bool $is_return
 * @property string|null $ended
 * @property string|null $ended_at
 * @property Collection<int, WatchCheck> $checks
 * @property Collection<int, WatchIntervention> $interventions
 */
final class Watch extends Model
{
    use KeepsHistory;

    protected $casts = ['is_return' => 'boolean'];

    /** @return HasMany<WatchCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(WatchCheck::class)->orderBy('at')->orderBy('id');
    }

    /** @return HasMany<WatchIntervention, $this> */
    public function interventions(): HasMany
    {
        return $this->hasMany(WatchIntervention::class)->orderBy('id');
    }
}
