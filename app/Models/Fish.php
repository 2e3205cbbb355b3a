<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\Purpose;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Temper;
use Biomegas\Rulebook\Ration;
use Database\Factories\FishFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int $id
 * @property string $name
 * @property int $species_id
 * @property int $count
 * @property Ration $ration
 * @property Purpose $purpose
 * @property string|null $origin
 * @property string|null $fallback
 * @property int|null $price_hundredths
 * @property string|null $arrival_note
 * @property string $arrived_on
 * @property int $band
 * @property Sex|null $sex
 * @property string|null $hatched_on
 * @property int|null $stated_adult_tenth_mm
 * @property Temper|null $temper as its keeper says; null: as its log shows
 * @property Collection<int, FishCandidate> $candidates
 * @property Species $species
 * @property Collection<int, Stay> $stays
 * @property Collection<int, Measurement> $measurements
 */
final class Fish extends Model
{
    /** @use HasFactory<FishFactory> */
    use HasFactory;

    use LogsActivity;

    protected $casts = ['ration' => Ration::class, 'purpose' => Purpose::class, 'sex' => Sex::class, 'temper' => Temper::class];

    protected $table = 'fish';

    /** What it was taken for before stays in the history; other species that it may be are written there by `mayBe`. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['species_id', 'sex', 'hatched_on', 'stated_adult_tenth_mm', 'temper'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return HasMany<FishCandidate, $this> */
    public function candidates(): HasMany
    {
        return $this->hasMany(FishCandidate::class)->orderBy('id');
    }

    /**
     * From now on it may be of these besides its own species.
     *
     * @param  list<array{species_id: int, weight: float}>  $candidates
     */
    public function mayBe(array $candidates): void
    {
        $before = $this->candidates->map->only(['species_id', 'weight'])->all();
        if ($before === $candidates) {
            return;
        }
        $this->candidates()->delete();
        $this->candidates()->createMany($candidates);
        $this->unsetRelation('candidates');
        activity()->performedOn($this)->event('updated')
            ->withProperties(['attributes' => ['candidates' => $candidates], 'old' => ['candidates' => $before]])
            ->log('updated');
    }

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class)->orderBy('from')->orderBy('id');
    }

    /** @return HasMany<Measurement, $this> */
    public function measurements(): HasMany
    {
        return $this->hasMany(Measurement::class)->orderBy('date')->orderBy('id');
    }

    /** @return HasMany<RationChange, $this> */
    public function rationChanges(): HasMany
    {
        return $this->hasMany(RationChange::class)->orderBy('from');
    }
}
