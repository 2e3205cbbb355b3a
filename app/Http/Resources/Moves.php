<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Models\MoveSheet;
use App\Models\Quarantine;
use App\Models\Watch;
use App\Repair\StoredTable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Moves that are planned, under way and done; watches and quarantines that go on.')]
final readonly class Moves
{
    private const MOST = 100;

    private const PAST = 20;

    /**
     * @param  list<MoveSheetRow>  $open
     * @param  list<MoveSheetRow>  $past
     * @param  list<WatchSheet>  $watches
     * @param  list<QuarantineRow>  $quarantines
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'), description: 'Soonest first.')] public array $open,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'), description: 'Newest first.')] public array $past,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/WatchSheet'))] public array $watches,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/QuarantineRow'))] public array $quarantines,
        #[OA\Property(description: 'Time-outs that were made here.')] public int $time_outs,
        #[OA\Property(description: 'Of them: came back and settled.')] public int $time_outs_settled,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $sheets = MoveSheet::query()->with('fish');

        return new self(
            self::rows($kept, (clone $sheets)->whereNull('finished_at')->whereNull('cancelled_at')->orderBy('planned_on')->limit(self::MOST)->get()),
            self::rows($kept, (clone $sheets)->whereNotNull('finished_at')->orderByDesc('finished_at')->limit(self::PAST)->get()),
            self::watches($kept),
            $kept->unreadable->readAll(StoredTable::Quarantines, Quarantine::query()->whereNull('released_on')->orderBy('from')->limit(self::MOST)->get(), fn (Quarantine $quarantine): QuarantineRow => QuarantineRow::from($kept, $quarantine)),
            (clone $sheets)->whereNotNull('finished_at')->where('is_time_out', true)->count(),
            Watch::query()->where('is_return', true)->where('ended', 'settled')->whereIn('fish_id', DB::table('move_sheet_fish')->join('move_sheets', 'move_sheets.id', 'move_sheet_id')->where('is_time_out', true)->select('fish_id'))->count(),
        );
    }

    /**
     * @param  Collection<int, MoveSheet>  $sheets
     * @return list<MoveSheetRow>
     */
    private static function rows(FacilitySnapshot $kept, Collection $sheets): array
    {
        return $kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, fn (MoveSheet $sheet): MoveSheetRow => MoveSheetRow::from($kept, $sheet));
    }

    /** @return list<WatchSheet> those that go on */
    public static function watches(FacilitySnapshot $kept): array
    {
        $going = Watch::query()->with(['checks', 'interventions'])->whereNull('ended')->orderBy('began_at')->limit(self::MOST)->get()
            ->filter(fn (Watch $watch): bool => $kept->find($watch->fish_id) !== null);

        return $kept->unreadable->readAll(StoredTable::Watches, $going, fn (Watch $watch): WatchSheet => WatchSheet::from($kept, $watch));
    }
}
