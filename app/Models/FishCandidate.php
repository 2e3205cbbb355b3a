<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Another species that a fish may be.
 *
 * @property int $id
 * @property int $fish_id
 * @property int $species_id
 * @property float $weight
 */
final class FishCandidate extends Model
{
    public $timestamps = false;

    protected $casts = ['weight' => 'float'];
}
