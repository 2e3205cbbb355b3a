<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Fish;
use App\Models\Measurement;
use App\Models\Stay;
use Biomegas\Facility\Method;
use Biomegas\RefusedEntry;
use Illuminate\Support\Facades\DB;

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

    /** @throws RefusedEntry when more than its arrival is written about it */
    public function undo(Fish $fish): void
    {
        $entries = Measurement::withTrashed()->where('fish_id', $fish->id)->count();
        foreach (['moves', 'losses', 'counts', 'incidents', 'ration_changes'] as $table) {
            $entries += DB::table($table)->where('fish_id', $fish->id)->count();
        }
        $entries += DB::table('incidents')->where('target_id', $fish->id)->count();
        if ($entries > 1) {
            throw RefusedEntry::because('fish', 'More has been written about it since. Write down a loss instead, so that its history stays.');
        }
        Measurement::query()->where('fish_id', $fish->id)->forceDelete();
        Stay::query()->where('fish_id', $fish->id)->delete();
        $fish->delete();
    }
}
