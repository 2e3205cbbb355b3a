<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Losses\LossKind;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'A loss, as the system tells it in which it happened.')]
final readonly class LossRow
{
    private const MOST = 12;

    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'string', enum: LossKind::class)] public LossKind $kind,
        #[OA\Property] public int $count,
        #[OA\Property(nullable: true, description: 'Who ate it, if that was seen.')] public ?string $eater,
    ) {
    }

    /** @return list<self> of those that lived there on that day, the newest first */
    public static function in(UnreadableRows $unreadable, int $systemId): array
    {
        $rows = DB::table('losses')->whereNull('losses.deleted_at')->join('fish', 'fish.id', 'losses.fish_id')->leftJoin('fish as eater', 'eater.id', 'losses.eaten_by_id')
            ->join('stays', fn ($join) => $join->on('stays.fish_id', 'losses.fish_id')->on('stays.from', '<=', 'losses.date')->where(fn ($end) => $end->whereNull('stays.until')->orWhereColumn('stays.until', '>=', 'losses.date')))
            ->where('stays.system_id', $systemId)->distinct()->orderByDesc('losses.date')->orderByDesc('losses.id')->limit(self::MOST)
            ->get(['losses.id', 'losses.fish_id', 'losses.date', 'losses.kind', 'losses.count', 'fish.name', 'eater.name as eater']);

        return $unreadable->readAll(StoredTable::Losses, $rows, fn (stdClass $row): self => new self($row->fish_id, $row->name, $row->date, LossKind::from($row->kind), $row->count, $row->eater));
    }
}
