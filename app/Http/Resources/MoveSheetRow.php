<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Models\MoveSheet;
use App\Models\MoveSheetFish;
use Biomegas\Calendar\LocalDate;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A prepared move in brief.')]
final readonly class MoveSheetRow
{
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
        #[OA\Property(type: 'string', enum: ['planned', 'begun', 'finished', 'cancelled'])] public string $state,
        #[OA\Property(description: 'Due today or before, and not finished.')] public bool $is_due,
        #[OA\Property(description: 'The interim stay should have ended.')] public bool $is_over,
    ) {
    }

    public static function from(FacilitySnapshot $kept, MoveSheet $sheet): self
    {
        $today = $kept->facility->date->toIso();
        $names = DB::table('fish')->whereIn('id', $sheet->fish->pluck('fish_id'))->pluck('name', 'id');
        $name = fn (int $system): string => $kept->system($system)->name;
        $state = match (true) {
            $sheet->cancelled_at !== null => 'cancelled',
            $sheet->finished_at !== null => 'finished',
            $sheet->done !== [] => 'begun',
            default => 'planned',
        };

        return new self(
            $sheet->id,
            array_values($sheet->fish->map(fn (MoveSheetFish $entry): string => ($entry->count === null ? '' : "{$entry->count} of ").($names[$entry->fish_id] ?? ''))->all()),
            $sheet->from_system_id, $name($sheet->from_system_id), $sheet->to_system_id, $name($sheet->to_system_id),
            LocalDate::fromIso($sheet->planned_on)->toIso(), $sheet->until === null ? null : LocalDate::fromIso($sheet->until)->toIso(), $sheet->is_time_out, $state,
            in_array($state, ['planned', 'begun'], true) && $sheet->planned_on <= $today,
            $state === 'finished' && $sheet->until !== null && $sheet->until <= $today && self::isStillThere($sheet),
        );
    }

    private static function isStillThere(MoveSheet $sheet): bool
    {
        return DB::table('stays')->whereIn('fish_id', $sheet->fish->pluck('fish_id'))->where('system_id', $sheet->to_system_id)->whereNull('until')->exists();
    }
}
