<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Incident;
use App\Models\MoveSheet;
use App\Models\Stay;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Encounter;
use Biomegas\Company\RecordInHome;
use Biomegas\Company\TimeOut;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;

/** How it went for those that come back to a home, as it is written down. */
final readonly class HomeRecords
{
    private const MOST = 50;

    public static function hasLivedIn(int $fishId, int $systemId): bool
    {
        return Stay::query()->where('fish_id', $fishId)->where('system_id', $systemId)->whereNotNull('until')->exists();
    }

    /** @return list<Finding> of all on the sheet that lived there before */
    public static function of(FacilitySnapshot $kept, MoveSheet $sheet): array
    {
        $home = $kept->system($sheet->to_system_id);
        $findings = [];
        foreach ($sheet->fish as $single) {
            $fish = $kept->find($single->fish_id);
            if ($fish !== null && $sheet->finished_at === null && self::hasLivedIn($single->fish_id, $sheet->to_system_id)) {
                $findings = [...$findings, ...self::record($kept, $fish, $home)->findings()];
            }
        }

        return $findings;
    }

    private static function record(FacilitySnapshot $kept, Fish $fish, System $home): RecordInHome
    {
        $id = Keys::id($fish->key);
        $timeOuts = MoveSheet::query()->whereNotNull('finished_at')->where('is_time_out', true)->where('from_system_id', Keys::id($home->key))
            ->whereHas('fish', fn ($entries) => $entries->where('fish_id', $id))->latest('planned_on')->limit(self::MOST)->get()->reverse();
        $residents = array_map(fn (Fish $resident): int => Keys::id($resident->key), $kept->facility->residentsOf($home));
        $incidents = Incident::query()
            ->where(fn ($either) => $either->where(fn ($did) => $did->where('fish_id', $id)->whereIn('target_id', $residents))->orWhere(fn ($suffered) => $suffered->where('target_id', $id)->whereIn('fish_id', $residents)))
            ->latest('date')->limit(self::MOST)->get()->reverse();

        return new RecordInHome(
            $fish->name, $home->name,
            array_values($timeOuts->map(fn (MoveSheet $timeOut): TimeOut => new TimeOut(LocalDate::fromIso($timeOut->planned_on), $timeOut->note ?? $timeOut->override_reason))->all()),
            $kept->unreadable->readAll(StoredTable::Incidents, $incidents, fn (Incident $incident): Encounter => new Encounter(
                $kept->fish($incident->target_id === $id ? $incident->fish_id : $incident->target_id)->name,
                $incident->target_id === $id, $incident->harm, LocalDate::fromIso($incident->date),
            )),
        );
    }
}
