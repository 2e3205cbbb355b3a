<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\MovesUnderWay;
use App\Models\MoveSheet;
use App\Models\Quarantine;
use App\Models\Watch;
use App\Repair\StoredTable;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Moves that are planned, under way and done; watches and quarantines that go on.')]
final readonly class Moves
{
    /**
     * @param  list<MoveSheetRow>  $open
     * @param  list<MoveSheetRow>  $past
     * @param  list<Addition>  $additions
     * @param  list<QuarantineRow>  $quarantines
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'), description: 'Soonest first.')] public array $open,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'), description: 'Newest first.')] public array $past,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Addition'), description: 'Who is watched, by what went in together; the longest watched first.')] public array $additions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/QuarantineRow'))] public array $quarantines,
        #[OA\Property(description: 'Time-outs that were made here.')] public int $time_outs,
        #[OA\Property(description: 'Of them: came back and settled.')] public int $time_outs_settled,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $under = MovesUnderWay::in($kept);

        return new self(
            self::rows($kept, $under->open),
            self::rows($kept, $under->past),
            Addition::group($kept->unreadable->readAll(StoredTable::Watches, $under->watches, fn (Watch $watch): WatchSheet => WatchSheet::from($kept, $watch))),
            $kept->unreadable->readAll(StoredTable::Quarantines, $under->quarantines, fn (Quarantine $quarantine): QuarantineRow => QuarantineRow::from($kept, $quarantine)),
            $under->timeOuts,
            $under->cameBack,
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
}
