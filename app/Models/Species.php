<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SpeciesFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A species, described in the words of the scenario format.
 *
 * @property int $id
 * @property string $key
 * @property string $common_name
 * @property array<string, mixed> $description as it came with the application; empty for a species of the keeper's own
 * @property array<string, mixed> $own the keeper's values by field
 * @property string $form
 */
final class Species extends Model
{
    /** @use HasFactory<SpeciesFactory> */
    use HasFactory;

    use LogsActivity;

    protected $table = 'species';

    protected $casts = ['description' => 'array', 'own' => 'array'];

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['own'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return array<string, mixed> with the keeper's own values over the others */
    public function current(): array
    {
        return [...$this->description, ...$this->own];
    }
}
