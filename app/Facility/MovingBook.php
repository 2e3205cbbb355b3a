<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Quarantine;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Quarantine\Look;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Water\Test\Quantity;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What moves go by besides the picture of the facility: quarantine, looks at fish, waters as they were last measured. */
final readonly class MovingBook
{
    /** The water of a system: measured lately, else as it is kept. */
    public static function sample(KeptFacility $kept, System $system): WaterSample
    {
        $now = $kept->waterNow($system);

        return new WaterSample(
            $now->value(Quantity::Temperature) ?? $system->temperature?->on($kept->facility->date),
            $now->value(Quantity::Ph) ?? $system->ph,
            $now->value(Quantity::CarbonateHardness),
            $now->value(Quantity::GeneralHardness) ?? $system->hardness,
            $now->value(Quantity::Conductivity),
            $now->value(Quantity::Ammonia),
            $now->value(Quantity::Nitrite),
            $now->value(Quantity::Nitrate),
            $now->value(Quantity::Salinity),
        );
    }

    /** Null: it is in none. */
    public static function quarantine(KeptFacility $kept, Fish $fish): ?QuarantineState
    {
        $open = Quarantine::query()->where('fish_id', Keys::id($fish->key))->whereNull('released_on')->latest('id')->first();

        return $open === null ? null : self::stateOf($open, $kept->facility->date);
    }

    public static function stateOf(Quarantine $open, LocalDate $today): QuarantineState
    {
        $withdrawal = DB::table('treatments')->whereNull('deleted_at')->where('fish_id', $open->fish_id)->where('from', '>=', $open->from)->selectRaw('max(coalesce(withdrawal, until)) as last')->value('last');

        return QuarantineState::of(LocalDate::fromIso($open->from), $open->days, $open->credit, self::looks($open->fish_id, $open->from), $today, is_string($withdrawal) ? LocalDate::fromIso($withdrawal) : null);
    }

    /** @return list<Look> by date */
    private static function looks(int $fishId, string $since): array
    {
        $rows = DB::table('conditions')->whereNull('deleted_at')->where('fish_id', $fishId)->where('date', '>=', $since)->orderBy('date')->orderBy('id')->get()->all();

        return array_values(array_map(fn (stdClass $row): Look => new Look(LocalDate::fromIso($row->date), (bool) $row->is_eating, $row->sign), $rows));
    }
}
