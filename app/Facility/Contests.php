<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Act;
use Biomegas\Company\Rank\Contest;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who got the better of whom among those who live together now, since they do. */
final readonly class Contests
{
    /** Older ones say nothing of today. */
    private const DAYS = 365;

    /** @return list<Contest> */
    public static function in(FacilitySnapshot $kept, System $system): array
    {
        $came = [];
        foreach ($kept->facility->residentsOf($system) as $resident) {
            $came[Keys::id($resident->key)] = $resident->stays[count($resident->stays) - 1]->from;
        }
        $rows = DB::table('incidents')->whereNull('deleted_at')->where('date', '>=', $kept->facility->date->plusDays(-self::DAYS)->toIso())
            ->whereIn('fish_id', array_keys($came))->whereIn('target_id', array_keys($came))->whereColumn('fish_id', '!=', 'target_id')->get();

        return array_values(array_filter($kept->unreadable->readAll(StoredTable::Incidents, $rows, function (stdClass $row) use ($came): ?Contest {
            $together = LocalDate::later($came[$row->fish_id], $came[$row->target_id]);

            return Act::from($row->act)->isWon() && ! LocalDate::fromIso($row->date)->isBefore($together)
                ? new Contest(Keys::ofFish($row->fish_id), Keys::ofFish($row->target_id))
                : null;
        })));
    }

    /** @return array<string, string> names by key */
    public static function names(FacilitySnapshot $kept, System $system): array
    {
        return array_column(array_map(fn (Fish $fish): array => [$fish->key, $fish->name], $kept->facility->residentsOf($system)), 1, 0);
    }
}
