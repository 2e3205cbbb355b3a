<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int $id
 * @property string $name
 * @property int $species_id
 * @property int $count
 * @property string $ration
 * @property string $purpose
 * @property string|null $origin
 * @property string|null $fallback
 * @property int|null $price_hundredths
 * @property string|null $arrival_note
 * @property string $arrived_on
 * @property int $band
 * @property string|null $sex
 * @property string|null $hatched_on
 * @property int|null $stated_adult_tenth_mm
 * @property list<array{species_id: int, weight: float}> $candidates
 */
final class Fish extends Model
{
    use LogsActivity;

    protected $table = 'fish';

    protected $casts = ['candidates' => 'array'];

    /** What it was taken for before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['species_id', 'candidates', 'sex', 'hatched_on', 'stated_adult_tenth_mm'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class)->orderBy('from')->orderBy('id');
    }
}
