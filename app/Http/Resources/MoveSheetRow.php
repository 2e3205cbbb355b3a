<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\MovesUnderWay;
use App\Facility\MovingBook;
use App\Models\MoveSheet;
use App\Repair\StoredTable;
use Biomegas\Moving\Sheet\SheetState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A prepared move in brief.')]
final readonly class MoveSheetRow
{
    private const MOST = 100;

    /** @param  list<string>  $fish */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'Names, with how many of a shoal.', type: 'array', items: new OA\Items(type: 'string'))] public array $fish,
        #[OA\Property] public int $from_system_id,
        #[OA\Property] public string $from,
        #[OA\Property] public int $to_system_id,
        #[OA\Property] public string $to,
        #[OA\Property(format: 'date')] public string $planned_on,
        #[OA\Property(format: 'date', description: 'Planned end of an interim stay.')] public ?string $until,
        #[OA\Property] public bool $is_time_out,
        #[OA\Property(type: 'string', enum: SheetState::class)] public SheetState $state,
        #[OA\Property(description: 'Due today or before, and not finished.')] public bool $is_due,
        #[OA\Property(description: 'The interim stay should have ended.')] public bool $is_over,
    ) {
    }

    /** @return list<self> neither finished nor cancelled, soonest first; of one system, those that leave it or come */
    public static function open(FacilitySnapshot $kept, ?int $systemId = null): array
    {
        $sheets = MovesUnderWay::open(self::MOST)->filter(fn (MoveSheet $sheet): bool => $systemId === null || in_array($systemId, [$sheet->from_system_id, $sheet->to_system_id], true));

        return $kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, fn (MoveSheet $sheet): self => self::from($kept, $sheet));
    }

    public static function from(FacilitySnapshot $kept, MoveSheet $sheet): self
    {
        $today = $kept->facility->date;
        $progress = MovingBook::progressOf($sheet);
        $name = fn (int $system): string => $kept->system($system)->name;

        return new self(
            $sheet->id,
            MovingBook::namesOf($kept, $sheet),
            $sheet->from_system_id, $name($sheet->from_system_id), $sheet->to_system_id, $name($sheet->to_system_id),
            $progress->plannedOn->toIso(), $progress->until?->toIso(), $progress->isTimeOut, $progress->state,
            $progress->isDueOn($today), $progress->isStayOverOn($today),
        );
    }
}
