<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $fish_id
 * @property string $from
 * @property int $days
 * @property int $credit
 * @property string|null $released_on
 * @property int|null $ended_by_move_id the move that ended it
 * @property Collection<int, HealthObservation> $looks
 * @property Collection<int, Treatment> $treatments
 */
final class Quarantine extends Model
{
    use KeepsHistory;

    /** @return HasMany<HealthObservation, $this> at this fish, newest first */
    public function looks(): HasMany
    {
        return $this->hasMany(HealthObservation::class, 'fish_id', 'fish_id')->orderByDesc('date')->orderByDesc('id');
    }

    /** @return HasMany<Treatment, $this> of this fish, newest first */
    public function treatments(): HasMany
    {
        return $this->hasMany(Treatment::class, 'fish_id', 'fish_id')->orderByDesc('from');
    }
}
