<?php

declare(strict_types=1);

namespace App\Facility;

use App\Database\References;
use App\Language\Messages;
use App\Models\Fish;
use App\Models\MoveSheetFish;
use App\Models\ShoalSplit;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Part of a shoal becomes one of its own, with the same past; and goes back into it while nothing has been written since. */
final readonly class ShoalParting
{
    private const PAST = ['stays', 'measurements', 'ration_changes'];

    /** Rows that the run itself wrote about the part, one of each. */
    private const OF_THE_RUN = ['moves', 'move_sheet_fish', 'shoal_splits', 'watches'];

    /** As many as leave the one are in the other. */
    public function part(Fish $shoal, int $count, LocalDate $date): Fish
    {
        $part = $shoal->replicate();
        $part->name = self::freeName($shoal->name);
        $part->count = $count;
        $part->save();
        $part->candidates()->createMany($shoal->candidates->map->only(['species_id', 'weight']));
        $copied = [];
        foreach (self::PAST as $table) {
            $copied[$table] = self::copy($table, $shoal->id, $part->id);
        }
        ShoalSplit::query()->create(['from_fish_id' => $shoal->id, 'to_fish_id' => $part->id, 'count' => $count, 'date' => $date->toIso(), 'copied' => $copied]);

        return $part;
    }

    private static function freeName(string $shoal): string
    {
        $number = 2;
        while (Fish::query()->where('name', "{$shoal} {$number}")->exists()) {
            $number++;
        }

        return "{$shoal} {$number}";
    }

    /** @return array<int, string> the version of each new row by its number */
    private static function copy(string $table, int $from, int $to): array
    {
        $copied = [];
        $rows = DB::table($table)->where('fish_id', $from)->orderBy('id')->get()->filter(fn (stdClass $row): bool => ($row->deleted_at ?? null) === null);
        foreach ($rows as $row) {
            $copied[DB::table($table)->insertGetId([...array_diff_key((array) $row, ['id' => 0]), 'fish_id' => $to])] = self::stateOf($row);
        }

        return $copied;
    }

    /** What changes when the row is corrected or deleted. */
    private static function stateOf(stdClass $row): string
    {
        return hash('xxh64', (string) json_encode(array_diff_key((array) $row, ['id' => 0, 'fish_id' => 0, 'updated_at' => 0, 'until' => 0])));
    }

    /** Null: this fish of the sheet was not parted from a shoal by it. */
    public function splitOf(MoveSheetFish $entry): ?ShoalSplit
    {
        return ShoalSplit::query()->where('to_fish_id', $entry->fish_id)->first();
    }

    /** @throws InvalidEntry naming what was written of either since */
    public function checkJoin(ShoalSplit $split): void
    {
        $part = Fish::query()->findOrFail($split->to_fish_id);
        $since = array_diff_key(References::to('fish', $part->id), array_flip([...self::PAST, ...self::OF_THE_RUN, 'fish_candidates']));
        foreach (self::OF_THE_RUN as $table) {
            $since[$table] = (References::to('fish', $part->id)[$table] ?? 0) - 1;
        }
        foreach (self::PAST as $table) {
            $since[$table] = $this->writtenSince($table, $part->id, $split->copied[$table] ?? []);
        }
        // The stay that the run began.
        $since['stays']--;
        References::mustBeNone(array_filter($since, fn (int $count): bool => $count > 0), 'sheet', $part->name, Finding::of('entry.instead_move_back'));
        $ofShoal = ['losses' => 0, 'counts' => 0];
        foreach (array_keys($ofShoal) as $table) {
            $ofShoal[$table] = DB::table($table)->whereNull('deleted_at')->where('fish_id', $split->from_fish_id)->where('created_at', '>', $split->created_at)->count();
        }
        References::mustBeNone(array_filter($ofShoal), 'sheet', Messages::ofFacility()->say(Finding::of('entry.the_parting')), Finding::of('entry.instead_move_back'));
    }

    /** @param  array<int, string>  $copied  the state of each row that came along, by its number */
    private function writtenSince(string $table, int $partId, array $copied): int
    {
        return DB::table($table)->where('fish_id', $partId)->get()->filter(fn (stdClass $row): bool => ($copied[$row->id] ?? null) !== self::stateOf($row))->count();
    }

    public function join(MoveSheetFish $entry, ShoalSplit $split): void
    {
        $entry->update(['fish_id' => $split->from_fish_id]);
        foreach ([...self::PAST, 'moves'] as $table) {
            DB::table($table)->where('fish_id', $split->to_fish_id)->delete();
        }
        $split->forceDelete();
        Fish::query()->whereKey($split->to_fish_id)->delete();
    }
}
