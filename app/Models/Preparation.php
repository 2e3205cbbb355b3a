<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int $id
 * @property int $system_id
 * @property string $wanted_on
 * @property bool $is_built
 * @property bool $uses_tap_water
 * @property bool $has_starter_fish
 * @property int|null $donor_system_id
 * @property float $donor_share
 * @property int|null $species_id
 * @property int|null $count
 * @property int|null $length_tenth_mm
 * @property array<string, string> $done
 * @property array{steps: list<array{key: string, length: float|int|null, words: string|null, part: string|null}>, left_out: list<string>}|null $arrangement of its steps; null: as usual
 */
final class Preparation extends Model
{
    use LogsActivity;

    protected $casts = ['is_built' => 'boolean', 'uses_tap_water' => 'boolean', 'has_starter_fish' => 'boolean', 'donor_share' => 'float', 'done' => 'array', 'arrangement' => 'array'];

    /** @var list<string> */
    protected static array $recordEvents = ['updated'];

    /** How it was before stays in the history. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['wanted_on', 'done'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
