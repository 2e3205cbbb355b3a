<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\SystemKind;
use Database\Factories\SystemFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int $id
 * @property string $name
 * @property SystemKind $kind
 * @property int $walk_order
 * @property array<string, mixed> $description
 * @property string|null $available_from
 * @property string|null $retired_on
 * @property int $version
 * @property string|null $camera_url where a camera before it answers with a still image
 */
final class System extends Model
{
    /** @use HasFactory<SystemFactory> */
    use HasFactory;

    use LogsActivity;
    use Versioned;

    protected $casts = ['kind' => SystemKind::class, 'description' => 'array'];

    /** How it was before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['name', 'description', 'retired_on'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class);
    }

    /** @return HasMany<WaterTest, $this> */
    public function waterTests(): HasMany
    {
        return $this->hasMany(WaterTest::class);
    }

    /** @return HasMany<WaterWork, $this> */
    public function waterWorks(): HasMany
    {
        return $this->hasMany(WaterWork::class);
    }

    /** @return HasOne<Preparation, $this> */
    public function preparation(): HasOne
    {
        return $this->hasOne(Preparation::class);
    }

    /** @return HasMany<Probe, $this> */
    public function probes(): HasMany
    {
        return $this->hasMany(Probe::class);
    }
}
