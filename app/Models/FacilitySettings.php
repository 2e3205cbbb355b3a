<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Measure\UnitSystem;
use Database\Factories\FacilitySettingsFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * The one facility of this installation.
 *
 * @property int $id
 * @property string $name
 * @property string|null $calendar_token
 * @property UnitSystem $unit_system
 * @property string $time_zone
 * @property string|null $currency ISO 4217
 * @property bool $is_demo filled with the demo by its keeper
 * @property int $horizon_days
 * @property array<string, mixed> $rulebook
 */
final class FacilitySettings extends Model
{
    /** @use HasFactory<FacilitySettingsFactory> */
    use HasFactory;

    use LogsActivity;

    protected $table = 'facilities';

    protected $casts = ['unit_system' => UnitSystem::class, 'rulebook' => 'array', 'horizon_days' => 'integer', 'is_demo' => 'boolean'];

    /** @var list<string> */
    protected static array $recordEvents = ['updated'];

    /** How it was before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['name', 'unit_system', 'time_zone', 'currency', 'horizon_days', 'rulebook'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
