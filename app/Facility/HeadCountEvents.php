<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Sex;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCountEvent;
use Biomegas\Losses\LossKind;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What tells how many of each fish and shoal are there: losses, counts, partings and those who joined. */
final readonly class HeadCountEvents
{
    public function __construct(private UnreadableRows $unreadable)
    {
    }

    /** @return array<int, list<HeadCountEvent>> by fish */
    public function byFish(): array
    {
        $events = [];
        $this->unreadable->readAll(StoredTable::Losses, DB::table('losses')->whereNull('deleted_at')->get(), function (stdClass $loss) use (&$events): void {
            $events[$loss->fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($loss->date), $loss->count, self::sex($loss), LossKind::from($loss->kind)->isExplained($loss->eaten_by_id !== null));
        });
        $this->unreadable->readAll(StoredTable::Counts, DB::table('counts')->whereNull('deleted_at')->get(), function (stdClass $count) use (&$events): void {
            $events[$count->fish_id][] = HeadCountEvent::count(LocalDate::fromIso($count->date), CountKind::from($count->kind), $count->number, $count->give_or_take);
        });
        $this->unreadable->readAll(StoredTable::ShoalSplits, DB::table('shoal_splits')->whereNull('deleted_at')->get(), function (stdClass $split) use (&$events): void {
            $events[$split->from_fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($split->date), $split->count, self::sex($split));
        });
        $this->unreadable->readAll(StoredTable::ShoalJoins, DB::table('shoal_joins')->whereNull('deleted_at')->get(), function (stdClass $join) use (&$events): void {
            $date = LocalDate::fromIso($join->date);
            $events[$join->fish_id][] = HeadCountEvent::loss($date, $join->count, self::sex($join));
            $events[$join->into_fish_id][] = HeadCountEvent::joined($date, $join->count, self::sex($join));
        });

        return $events;
    }

    private static function sex(stdClass $row): ?Sex
    {
        return $row->sex === null ? null : Sex::from($row->sex);
    }
}
