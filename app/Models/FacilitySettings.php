<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Carbon\CarbonImmutable;
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
 * @property array<string, string>|null $units_apart systems of quantities that are set apart: length, volume, temperature, mass
 * @property string $time_zone
 * @property string|null $currency ISO 4217
 * @property bool $is_demo filled with the demo by its keeper
 * @property int $horizon_days
 * @property array<string, mixed> $rulebook
 * @property array{changes?: list<int>, measures?: list<int>} $rhythm on which days of the week regular work is done
 * @property string $letter_at when the letter of the morning goes out, on the clock of the place
 * @property string|null $letter_problem why it did not
 * @property CarbonImmutable|null $letter_tried_at
 * @property string|null $letter_sent_on the last day on which it went out, or nothing was due
 */
final class FacilitySettings extends Model
{
    /** @use HasFactory<FacilitySettingsFactory> */
    use HasFactory;

    use LogsActivity;

    protected $table = 'facilities';

    protected $casts = ['unit_system' => UnitSystem::class, 'rulebook' => 'array', 'horizon_days' => 'integer', 'is_demo' => 'boolean', 'rhythm' => 'array', 'units_apart' => 'array', 'letter_tried_at' => 'immutable_datetime'];

    /** @var list<string> */
    protected static array $recordEvents = ['updated'];

    /** How it was before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['name', 'unit_system', 'time_zone', 'currency', 'horizon_days', 'rulebook', 'letter_at', 'rhythm', 'units_apart'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    public function units(): Units
    {
        return Units::apart($this->unit_system, $this->units_apart ?? []);
    }
}
