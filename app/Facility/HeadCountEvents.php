<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCountEvent;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What tells how many of each fish and shoal are there: losses, counts and splits. */
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
            $events[$loss->fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($loss->date), $loss->count);
        });
        $this->unreadable->readAll(StoredTable::Counts, DB::table('counts')->whereNull('deleted_at')->get(), function (stdClass $count) use (&$events): void {
            $events[$count->fish_id][] = HeadCountEvent::count(LocalDate::fromIso($count->date), CountKind::from($count->kind), $count->number);
        });
        $this->unreadable->readAll(StoredTable::ShoalSplits, DB::table('shoal_splits')->whereNull('deleted_at')->get(), function (stdClass $split) use (&$events): void {
            $events[$split->from_fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($split->date), $split->count);
        });

        return $events;
    }
}
