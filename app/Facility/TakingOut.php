<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\MoveSheet;
use App\Models\Watch;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\HomesAhead\EmptyHome;
use Illuminate\Support\Facades\DB;

/** A fish that must come out now: into a home where it is alone, for some days, whatever else the rules of company say. */
final readonly class TakingOut
{
    public function __construct(private MoveSheets $sheets)
    {
    }

    /** Null: no home stands empty that takes it. */
    public static function refuge(FacilitySnapshot $kept, Watch $watch): ?System
    {
        $fish = $kept->find($watch->fish_id);

        return $fish === null ? null : EmptyHome::for($kept->occupant($fish), EmptyHome::REFUGE_DAYS, $kept->facility, $kept->residents(), [$fish->currentSystem()]);
    }

    /**
     * Moves it there, ends the watch, and sets a day to decide.
     *
     * @throws InvalidEntry when there is no refuge, or it lives there no more
     */
    public function now(FacilitySnapshot $kept, Watch $watch, LocalMoment $now, ?int $userId): MoveSheet
    {
        $fish = $kept->find($watch->fish_id);
        if ($fish === null || Keys::id($fish->currentSystem()) !== $watch->system_id) {
            throw InvalidEntry::because('watch', Finding::of('entry.sheet_fish_gone'));
        }
        $refuge = self::refuge($kept, $watch) ?? throw InvalidEntry::because('watch', Finding::of('entry.no_refuge', fish: $fish->name));

        return DB::transaction(function () use ($kept, $watch, $fish, $refuge, $now, $userId): MoveSheet {
            $today = $kept->facility->date;
            $sheet = MoveSheet::query()->create([
                'from_system_id' => $watch->system_id, 'to_system_id' => Keys::id($refuge->key), 'planned_on' => $today->toIso(), 'until' => $today->plusDays(EmptyHome::REFUGE_DAYS)->toIso(),
                'is_time_out' => true, 'mixing' => 'take-out', 'container_tenth_litres' => 200, 'override_reason' => $kept->says()->say(Finding::of('watch.taken_out', fish: $fish->name)), 'user_id' => $userId, 'done' => [],
            ]);
            $sheet->fish()->create(['fish_id' => $watch->fish_id]);
            $watch->update(['ended' => 'taken-out', 'ended_at' => $now->toIso()]);
            $this->sheets->finish($kept, $sheet->refresh(), $now, $userId);

            return $sheet;
        });
    }
}
