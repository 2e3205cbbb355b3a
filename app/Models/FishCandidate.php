<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Another species that a fish may be.
 *
 * @property int $id
 * @property int $fish_id
 * @property int $species_id
 * @property float $weight
 * @property Species $species
 */
final class FishCandidate extends Model
{
    public $timestamps = false;

    protected $casts = ['weight' => 'float'];

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }
}
