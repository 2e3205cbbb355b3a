<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\MoveSheet;
use App\Models\MoveSheetFish;
use App\Models\Quarantine;
use App\Models\Watch;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;

/** What is written down of moves that are planned, under way and done. */
final readonly class MovesUnderWay
{
    private const MOST = 100;

    private const PAST = 20;

    /**
     * @param  Collection<int, MoveSheet>  $open  by day
     * @param  Collection<int, MoveSheet>  $past  newest first
     * @param  Collection<int, Watch>  $watches
     * @param  Collection<int, Quarantine>  $quarantines
     */
    private function __construct(
        public Collection $open,
        public Collection $past,
        public Collection $watches,
        public Collection $quarantines,
        public int $timeOuts,
        /** Of those, how many came back and settled. */
        public int $cameBack,
    ) {
    }

    public static function in(FacilitySnapshot $kept): self
    {
        $timeOuts = MoveSheet::query()->whereNotNull('finished_at')->where('is_time_out', true);

        return new self(
            self::open(self::MOST),
            MoveSheet::query()->with('fish.fish')->whereNotNull('finished_at')->orderByDesc('finished_at')->limit(self::PAST)->get(),
            Watches::going($kept),
            self::quarantines(self::MOST)->load(['looks', 'treatments']),
            $timeOuts->count(),
            Watch::query()->where('is_return', true)->where('ended', 'settled')
                ->whereIn('fish_id', MoveSheetFish::query()->whereRelation('sheet', 'is_time_out', true)->select('fish_id'))
                ->count(),
        );
    }

    /** @return Collection<int, MoveSheet> neither finished nor cancelled, by day */
    public static function open(int $most): Collection
    {
        return MoveSheet::query()->with('fish.fish')->whereNull('finished_at')->whereNull('cancelled_at')->orderBy('planned_on')->limit($most)->get();
    }

    /** @return Records<int, Quarantine> of fish that have not been released, oldest first */
    public static function quarantines(int $most): Records
    {
        return Quarantine::query()->whereNull('released_on')->orderBy('from')->limit($most)->get();
    }

    /**
     * Of finished moves those into a stay that is meant to end and has not.
     *
     * @param  Builder<MoveSheet>  $sheets
     */
    public static function endingStays(Builder $sheets): void
    {
        $sheets->whereNotNull('finished_at')->whereNotNull('until')->whereExists(
            fn ($stay) => $stay->from('stays')->join('move_sheet_fish', 'move_sheet_fish.fish_id', 'stays.fish_id')
                ->whereColumn('move_sheet_fish.move_sheet_id', 'move_sheets.id')->whereColumn('stays.system_id', 'move_sheets.to_system_id')->whereNull('stays.until'),
        );
    }
}
