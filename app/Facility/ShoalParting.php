<?php

declare(strict_types=1);

namespace App\Facility;

use App\Database\References;
use App\Language\Messages;
use App\Models\Fish;
use App\Models\Makeup as WrittenMakeup;
use App\Models\Measurement;
use App\Models\MoveSheetFish;
use App\Models\ShoalSplit;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Method;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Part of a shoal becomes one of its own, with the same past; and goes back as if nothing had been, while nothing has been written since. */
final readonly class ShoalParting
{
    private const PAST = ['stays', 'measurements', 'ration_changes'];

    /** Rows that a run itself wrote about the part, one of each. */
    private const OF_A_RUN = ['moves', 'move_sheet_fish', 'watches'];

    /** As many as leave the one are in the other. */
    public function part(Fish $shoal, PartOfShoal $wanted, LocalDate $date): Fish
    {
        $part = $shoal->replicate();
        $part->name = self::freeName($shoal->name, $wanted);
        $part->count = $wanted->count;
        $part->sex = $wanted->sex ?? $shoal->sex;
        $part->save();
        $part->candidates()->createMany($shoal->candidates->map->only(['species_id', 'weight']));
        $copied = [];
        foreach (self::PAST as $table) {
            $copied[$table] = $table === 'measurements' && $wanted->size !== null ? [] : self::copy($table, $shoal->id, $part->id);
        }
        $replaced = null;
        if ($wanted->size !== null) {
            [$copied['measurements'], $replaced] = self::partBySize($shoal, $part, $wanted);
        }
        ShoalSplit::query()->create([
            'from_fish_id' => $shoal->id, 'to_fish_id' => $part->id, 'count' => $wanted->count, 'date' => $date->toIso(), 'copied' => $copied, 'sex' => $wanted->sex, 'replaced' => $replaced,
        ]);

        return $part;
    }

    private static function freeName(string $shoal, PartOfShoal $wanted): string
    {
        $ending = $wanted->ending();
        $name = match (true) {
            $wanted->name !== '' => $wanted->name,
            $ending !== null => "{$shoal}, {$ending}",
            default => null,
        };
        $isFree = fn (string $name): bool => ! Fish::query()->where('name', $name)->exists();
        if ($name !== null && $isFree($name)) {
            return $name;
        }
        $number = 2;
        while (! $isFree(($name ?? $shoal)." {$number}")) {
            $number++;
        }

        return ($name ?? $shoal)." {$number}";
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

    /**
     * Those of one size have not the lengths of the whole shoal: their own is
     * theirs from the day on which the sizes were told apart, and the mean of
     * that day is of those who stay.
     *
     * @return array{array<int, string>, array<string, int|null>} rows of the part, and what was changed of the shoal
     */
    private static function partBySize(Fish $shoal, Fish $part, PartOfShoal $wanted): array
    {
        $written = WrittenMakeup::query()->where('fish_id', $shoal->id)->orderByDesc('date')->orderByDesc('id')->firstOrFail();
        $mean = Measurement::query()->find($written->measurement_id);
        $own = Measurement::query()->create([
            'fish_id' => $part->id, 'date' => $written->date, 'length_tenth_mm' => TenthMm::of($wanted->size?->length->millimetres()), 'method' => $mean === null ? Method::Eye->value : $mean->method, 'sample' => $wanted->count,
        ]);
        $left = $written->replicate();
        $left->sizes = array_values(array_filter(
            array_map(fn (array $size): array => $size['called'] === $wanted->size?->called ? [...$size, 'count' => $size['count'] - $wanted->count] : $size, $written->sizes),
            fn (array $size): bool => $size['count'] > 0,
        ));
        $left->save();
        $replaced = ['makeup' => $left->id, 'measurement' => $mean?->id, 'length_tenth_mm' => $mean->length_tenth_mm ?? 0, 'sample' => $mean->sample ?? 1, 'spread_tenth_mm' => $mean?->spread_tenth_mm];
        $mean?->update(Makeups::meanColumns(Makeups::read($left)));

        return [[$own->id => self::stateOf(DB::table('measurements')->where('id', $own->id)->firstOrFail())], $replaced];
    }

    /** What changes when the row is corrected or deleted. */
    private static function stateOf(stdClass $row): string
    {
        return hash('xxh64', (string) json_encode(array_diff_key((array) $row, ['id' => 0, 'fish_id' => 0, 'updated_at' => 0, 'until' => 0])));
    }

    /** Null: it was not parted from a shoal. */
    public function splitOf(int $fishId): ?ShoalSplit
    {
        return ShoalSplit::query()->where('to_fish_id', $fishId)->first();
    }

    /**
     * @param  bool  $byARun  the run that parted it wrote a move and a watch
     *
     * @throws InvalidEntry naming what was written of either since
     */
    public function checkUndo(ShoalSplit $split, bool $byARun): void
    {
        [$field, $instead] = $byARun ? ['sheet', Finding::of('entry.instead_move_back')] : ['fish', Finding::of('entry.instead_join')];
        $part = Fish::query()->findOrFail($split->to_fish_id);
        $written = References::to('fish', $part->id);
        $since = array_diff_key($written, array_flip([...self::PAST, ...self::OF_A_RUN, 'shoal_splits', 'fish_candidates']));
        foreach (self::OF_A_RUN as $table) {
            $since[$table] = ($written[$table] ?? 0) - ($byARun ? 1 : 0);
        }
        foreach (self::PAST as $table) {
            $since[$table] = $this->writtenSince($table, $part->id, $split->copied[$table] ?? []);
        }
        $since['shoal_splits'] = ($written['shoal_splits'] ?? 0) - 1;
        // The stay that a run began.
        $since['stays'] -= $byARun ? 1 : 0;
        References::mustBeNone(array_filter($since, fn (int $count): bool => $count > 0), $field, $part->name, $instead);
        $ofShoal = [];
        foreach (['losses', 'counts', 'makeups'] as $table) {
            $ofShoal[$table] = DB::table($table)->whereNull('deleted_at')->where('fish_id', $split->from_fish_id)->where('id', '!=', $table === 'makeups' ? $split->replaced['makeup'] ?? 0 : 0)->where('created_at', '>', $split->created_at)->count();
        }
        References::mustBeNone(array_filter($ofShoal), $field, Messages::ofFacility()->say(Finding::of('entry.the_parting')), $instead);
    }

    /** @param  array<int, string>  $copied  the state of each row that came along, by its number */
    private function writtenSince(string $table, int $partId, array $copied): int
    {
        return DB::table($table)->where('fish_id', $partId)->get()->filter(fn (stdClass $row): bool => ($copied[$row->id] ?? null) !== self::stateOf($row))->count();
    }

    /** @param  MoveSheetFish|null  $entry  of the run that parted it */
    public function undo(ShoalSplit $split, ?MoveSheetFish $entry = null): void
    {
        $entry?->update(['fish_id' => $split->from_fish_id]);
        foreach ([...self::PAST, 'moves'] as $table) {
            DB::table($table)->where('fish_id', $split->to_fish_id)->delete();
        }
        $before = $split->replaced;
        if ($before !== null) {
            WrittenMakeup::query()->whereKey($before['makeup'])->forceDelete();
            Measurement::query()->find($before['measurement'])?->update(array_intersect_key($before, ['length_tenth_mm' => 0, 'sample' => 0, 'spread_tenth_mm' => 0]));
        }
        $split->forceDelete();
        Fish::query()->whereKey($split->to_fish_id)->delete();
    }
}
