<?php

declare(strict_types=1);

namespace App\Repair;

use App\Database\References;
use App\Facility\ReadingLog;
use App\Language\Messages;
use App\Models\FacilitySettings;
use Biomegas\Finding\Finding;
use DateTimeImmutable;
use DateTimeZone;
use Exception;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Corrects or deletes a stored row by hand. What was there before stays in the activity log. */
final readonly class RowRepair
{
    public static function row(StoredTable $table, int $id): ?stdClass
    {
        return DB::table($table->value)->where('rowid', $id)->first(['*', 'rowid as row_number']);
    }

    /** Of the fish, system or species that it is about; null: that is not there. */
    public static function nameOf(StoredTable $table, stdClass $row): ?string
    {
        [$of, $id] = match (true) {
            $table === StoredTable::Species => ['species', $row->id],
            $table === StoredTable::Facility, $table === StoredTable::Fish, $table === StoredTable::Systems => [$table->value, $row->id],
            isset($row->fish_id) => ['fish', $row->fish_id],
            isset($row->from_fish_id) => ['fish', $row->from_fish_id],
            default => ['systems', $row->system_id ?? $row->from_system_id ?? 0],
        };

        return DB::table($of)->where('id', $id)->value($of === 'species' ? 'common_name' : 'name');
    }

    /** @param  array<string, string|null>  $values  by column */
    public function correct(StoredTable $table, stdClass $row, array $values): void
    {
        $values = array_intersect_key($values, array_flip($table->correctable()));
        DB::table($table->value)->where('rowid', $row->row_number)->update($values);
        $this->remember('corrected', $table, $row, $values);
    }

    public function delete(StoredTable $table, stdClass $row): void
    {
        $this->remember('deleted', $table, $row, []);
        $rows = DB::table($table->value)->where('rowid', $row->row_number);
        $emptied = $table->emptied($row);
        if ($emptied !== null) {
            $rows->update([$emptied => '{}']);
        } elseif ($table->isSoft()) {
            $rows->update(['deleted_at' => now()]);
        } else {
            References::mustBeNone(isset($row->id) ? References::to($table->value, $row->id) : [], 'row', Messages::ofFacility()->say(Finding::of('entry.this_row')), Finding::of('entry.instead_correct'));
            $this->deleteReadings($table, $row);
            $rows->delete();
        }
    }

    /** The sums of a day would come back with its next reading: its readings go with them. */
    private function deleteReadings(StoredTable $table, stdClass $row): void
    {
        if ($table !== StoredTable::DailyReadings) {
            return;
        }
        try {
            $day = new DateTimeImmutable($row->day, new DateTimeZone(FacilitySettings::query()->firstOrFail()->time_zone));
        } catch (Exception) {
            return; // No day at all: no reading can belong to it.
        }
        [$start, $end] = ReadingLog::boundsOf($day);
        DB::table('readings')->where('system_id', $row->system_id)->where('quantity', $row->quantity)
            ->where('taken_at', '>=', $start)->where('taken_at', '<', $end)->delete();
    }

    /** @param  array<string, string|null>  $values */
    private function remember(string $what, StoredTable $table, stdClass $row, array $values): void
    {
        activity()->event($what)->withProperties(['table' => $table->value, 'old' => (array) $row, 'attributes' => $values])->log("unreadable row {$what}");
    }
}
