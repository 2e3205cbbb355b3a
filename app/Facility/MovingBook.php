<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\MoveSheet;
use App\Models\MoveSheetFish;
use App\Models\Quarantine;
use App\Models\Stay;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Quarantine\HealthObservation;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Moving\Sheet\SheetProgress;
use Biomegas\Moving\Sheet\SheetState;
use Biomegas\Rulebook\RuleParameter;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What moves go by besides the picture of the facility: quarantine, looks at fish, waters as they were last measured. */
final readonly class MovingBook
{
    private const MOST_QUARANTINES = 100;

    /** The water of a system: measured lately, else as it is kept. */
    public static function sample(FacilitySnapshot $kept, System $system): WaterSample
    {
        return WaterSample::ofSystem($system, $kept->waterNow($system), $kept->facility->date);
    }

    /** @return list<string> of its fish, with how many of a shoal */
    public static function namesOf(FacilitySnapshot $kept, MoveSheet $sheet): array
    {
        return array_values($sheet->fish->map(fn (MoveSheetFish $entry): string => $entry->count === null
            ? $entry->fish->name
            : $kept->says()->phrase(Finding::of('moving.some_of', count: $entry->count, fish: $entry->fish->name)))->all());
    }

    public static function progressOf(MoveSheet $sheet): SheetProgress
    {
        return new SheetProgress(
            match (true) {
                $sheet->cancelled_at !== null => SheetState::Cancelled,
                $sheet->finished_at !== null => SheetState::Finished,
                $sheet->done !== [] => SheetState::Begun,
                default => SheetState::Planned,
            },
            LocalDate::fromIso($sheet->planned_on),
            $sheet->until === null ? null : LocalDate::fromIso($sheet->until),
            $sheet->is_time_out,
            $sheet->finished_at !== null && Stay::query()->whereIn('fish_id', $sheet->fish->pluck('fish_id'))->where('system_id', $sheet->to_system_id)->whereNull('until')->exists(),
        );
    }

    /** Null: it is in none. */
    public static function quarantine(FacilitySnapshot $kept, Fish $fish): ?QuarantineState
    {
        $open = Quarantine::query()->where('fish_id', Keys::id($fish->key))->whereNull('released_on')->latest('id')->first();

        return $open === null ? null : self::stateOf($kept, $open);
    }

    /** @return array<string, LocalDate> the first day on which it may leave, by fish in quarantine */
    public static function quarantineEnds(FacilitySnapshot $kept): array
    {
        $ends = [];
        $kept->unreadable->readAll(StoredTable::Quarantines, MovesUnderWay::quarantines(self::MOST_QUARANTINES), function (Quarantine $open) use ($kept, &$ends): void {
            $state = self::stateOf($kept, $open);
            if (! $state->mayLeave()) {
                $ends[Keys::ofFish($open->fish_id)] = LocalDate::later($state->ends, $kept->facility->date->plusDays(1));
            }
        });

        return $ends;
    }

    public static function stateOf(FacilitySnapshot $kept, Quarantine $open): QuarantineState
    {
        $clean = (int) $kept->facility->rulebook->number(RuleParameter::QuarantineClean);
        [$worksUntil, $dosed] = self::treatments($kept, $open);

        return QuarantineState::of(LocalDate::fromIso($open->from), $open->days, $open->credit, self::looks($kept, $open), $kept->facility->date, $worksUntil, $clean, $dosed);
    }

    /** @return array{LocalDate|null, LocalDate|null} the last day on which any treatment since its beginning still works, and the last on which one is dosed */
    private static function treatments(FacilitySnapshot $kept, Quarantine $open): array
    {
        $rows = DB::table('treatments')->whereNull('deleted_at')->where('fish_id', $open->fish_id)->where('from', '>=', $open->from)->get();
        $works = $kept->unreadable->readAll(StoredTable::Treatments, $rows, fn (stdClass $row): LocalDate => LocalDate::fromIso($row->withdrawal ?? $row->until));
        $doses = $kept->unreadable->readAll(StoredTable::Treatments, $rows, fn (stdClass $row): LocalDate => LocalDate::fromIso($row->until));

        return [self::last($works), self::last($doses)];
    }

    /** @param  list<LocalDate>  $days */
    private static function last(array $days): ?LocalDate
    {
        return array_reduce($days, fn (?LocalDate $last, LocalDate $day): LocalDate => $last === null ? $day : LocalDate::later($last, $day));
    }

    /** @return list<HealthObservation> by date */
    private static function looks(FacilitySnapshot $kept, Quarantine $open): array
    {
        $rows = DB::table('health_observations')->whereNull('deleted_at')->where('fish_id', $open->fish_id)->where('date', '>=', $open->from)->orderBy('date')->orderBy('id')->get();

        return $kept->unreadable->readAll(StoredTable::Looks, $rows, fn (stdClass $row): HealthObservation => new HealthObservation(LocalDate::fromIso($row->date), (bool) $row->is_eating, $row->sign));
    }
}
