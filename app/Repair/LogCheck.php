<?php

declare(strict_types=1);

namespace App\Repair;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Looks through those tables of the log that Today does not read anyway; the database picks out the suspects. */
final readonly class LogCheck
{
    private const MOST = 20;

    public static function addTo(UnreadableRows $unreadable): void
    {
        $calendar = [LocalDate::EARLIEST, LocalDate::LATEST];
        $incidents = DB::table('incidents')->whereNull('deleted_at')
            ->where(fn ($suspect) => $suspect->whereNotBetween('date', $calendar)->orWhereNotIn('act', array_column(Act::cases(), 'value'))->orWhereNotIn('harm', array_column(Harm::cases(), 'value')))
            ->limit(self::MOST)->get();
        $unreadable->readAll(StoredTable::Incidents, $incidents, fn (stdClass $row): array => [LocalDate::fromIso($row->date), Act::from($row->act), Harm::from($row->harm)]);
        $moves = DB::table('moves')->whereNull('deleted_at')->whereNotBetween('date', $calendar)->limit(self::MOST)->get();
        $unreadable->readAll(StoredTable::Moves, $moves, fn (stdClass $row): LocalDate => LocalDate::fromIso($row->date));
    }
}
