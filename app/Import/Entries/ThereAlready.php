<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Models\FacilitySettings;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\UnreadableLength;
use Illuminate\Support\Facades\DB;

/** Whether the same was written down before: of the same fish or system, on the same day, the same figure. */
final readonly class ThereAlready
{
    public function __construct(private ImportKind $kind)
    {
    }

    /** @param  array<string, mixed>  $body */
    public function has(string $path, array $body): bool
    {
        $of = (int) explode('/', $path)[1];
        $rows = DB::table($this->kind->table())->whereNull('deleted_at')->where('date', $body['date']);

        return match ($this->kind) {
            ImportKind::Lengths => $this->hasLength($of, (string) $body['date'], (string) $body['length']),
            ImportKind::Tests => $rows->where('system_id', $of)->exists(),
            ImportKind::Counts => $rows->where(['fish_id' => $of, 'number' => $body['number']])->exists(),
            ImportKind::Losses => $rows->where('fish_id', $of)->exists(),
            ImportKind::Moves => $rows->where(['fish_id' => $of, 'to_system_id' => $body['to_system_id']])->exists(),
        };
    }

    private function hasLength(int $fish, string $date, string $typed): bool
    {
        try {
            $tenths = (int) round(10 * (new FishLengthReader(FacilitySettings::query()->firstOrFail()->units()->length))->read($typed)->millimetres());
        } catch (UnreadableLength) {
            return false;
        }

        return DB::table('measurements')->whereNull('deleted_at')->where(['fish_id' => $fish, 'date' => $date])->whereBetween('length_tenth_mm', [$tenths - 5, $tenths + 5])->exists();
    }
}
