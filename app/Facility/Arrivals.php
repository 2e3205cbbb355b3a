<?php

declare(strict_types=1);

namespace App\Facility;

use App\Database\References;
use App\Models\Fish;
use App\Models\Makeup;
use App\Models\Measurement;
use App\Models\Quarantine;
use App\Models\Stay;
use App\Models\Watch;
use App\Models\WatchCheck;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Method;

/** Fish that come into the facility, and the way back while nothing has been written about them. */
final readonly class Arrivals
{
    private const BANDS = 8;

    /** @param  array<string, mixed>  $columns  of the fish */
    public function record(array $columns, int $systemId, ?float $lengthMm, Method $method): Fish
    {
        $fish = Fish::query()->create([...$columns, 'band' => Fish::query()->count() % self::BANDS]);
        Stay::query()->create(['fish_id' => $fish->id, 'system_id' => $systemId, 'from' => $fish->arrived_on]);
        if ($lengthMm !== null) {
            Measurement::query()->create(['fish_id' => $fish->id, 'date' => $fish->arrived_on, 'length_tenth_mm' => TenthMm::of($lengthMm), 'method' => $method->value]);
        }

        return $fish;
    }

    public function quarantine(Fish $fish, int $days): void
    {
        Quarantine::query()->create(['fish_id' => $fish->id, 'from' => $fish->arrived_on, 'days' => $days, 'credit' => 0]);
    }

    public function watch(Fish $fish, int $systemId, LocalMoment $now): Watch
    {
        return Watch::query()->create(['fish_id' => $fish->id, 'system_id' => $systemId, 'began_at' => $now->toIso()]);
    }

    /** @throws InvalidEntry when more than its arrival is written about it */
    public function undo(Fish $fish): void
    {
        $written = References::to('fish', $fish->id);
        // Its first home, the length that it came with, who makes it up, its quarantine and its watch are its arrival.
        $more = array_filter($written, fn (int $count, string $table): bool => $table !== 'fish_candidates' && ($count > 1 || ! in_array($table, ['stays', 'measurements', 'makeups', 'quarantines', 'watches'], true)), ARRAY_FILTER_USE_BOTH);
        $looks = WatchCheck::query()->whereIn('watch_id', Watch::query()->where('fish_id', $fish->id)->select('id'))->count();
        References::mustBeNone($looks > 0 ? [...$more, 'watch_checks' => $looks] : $more, 'fish', $fish->name, Finding::of('entry.instead_a_loss'));
        Quarantine::withTrashed()->where('fish_id', $fish->id)->forceDelete();
        Watch::withTrashed()->where('fish_id', $fish->id)->forceDelete();
        Makeup::withTrashed()->where('fish_id', $fish->id)->forceDelete();
        Measurement::withTrashed()->where('fish_id', $fish->id)->forceDelete();
        Stay::query()->where('fish_id', $fish->id)->delete();
        $fish->delete();
    }
}
