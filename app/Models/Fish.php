<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property int $species_id
 * @property int $count
 * @property string $arrived_on
 * @property int $band
 */
final class Fish extends Model
{
    protected $table = 'fish';

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class)->orderBy('from')->orderBy('id');
    }
}
