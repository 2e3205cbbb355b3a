<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was inspected of whom, and when last. */
final readonly class Inspections
{
    /** @return array<string, array<string, LocalDate>> the last day, by fish and what was inspected */
    public static function last(UnreadableRows $unreadable): array
    {
        $last = [];
        $rows = DB::table('inspections')->whereNull('deleted_at')->orderBy('date')->get(['id', 'fish_id', 'what', 'date']);
        $unreadable->readAll(StoredTable::Inspections, $rows, function (stdClass $row) use (&$last): void {
            $day = LocalDate::fromIso($row->date);
            foreach (self::whatOf($row) as $what) {
                $last[Keys::ofFish($row->fish_id)][$what] = $day;
            }
        });

        return $last;
    }

    /** @return list<string> */
    public static function whatOf(stdClass $row): array
    {
        return array_map(strval(...), array_values((array) json_decode($row->what, true, 4, JSON_THROW_ON_ERROR)));
    }
}
