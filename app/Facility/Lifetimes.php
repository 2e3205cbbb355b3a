<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Losses\Lifetime;
use Biomegas\Losses\LossKind;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How long all that ever came were kept, each member of a shoal for itself; food animals are eaten on purpose and left out. */
final readonly class Lifetimes
{
    public function __construct(private UnreadableRows $unreadable)
    {
    }

    /** @return list<Lifetime> */
    public function until(LocalDate $today): array
    {
        $lives = $left = $came = [];
        foreach (DB::table('fish')->where('purpose', '!=', 'food')->get(['id', 'arrived_on', 'count']) as $fish) {
            $came[$fish->id] = LocalDate::fromIso($fish->arrived_on);
            $left[$fish->id] = $fish->count;
        }
        $leave = function (int $fish, LocalDate $day, int $count, bool $died) use (&$lives, &$left, $came): void {
            $count = min($count, $left[$fish] ?? 0);
            if ($count > 0) {
                $lives[] = new Lifetime(max(0, $came[$fish]->daysUntil($day)), $died, $count);
                $left[$fish] -= $count;
            }
        };
        $this->unreadable->readAll(StoredTable::Losses, DB::table('losses')->whereNull('deleted_at')->orderBy('date')->get(), fn (stdClass $row) => $leave($row->fish_id, LocalDate::fromIso($row->date), $row->count, LossKind::from($row->kind)->isDeath()));
        // Whoever was parted from a shoal goes on in a record of its own, which began on the same day as that of the shoal.
        $this->unreadable->readAll(StoredTable::ShoalSplits, DB::table('shoal_splits')->whereNull('deleted_at')->get(), function (stdClass $row) use (&$left): void {
            $left[$row->from_fish_id] = max(0, ($left[$row->from_fish_id] ?? 0) - $row->count);
        });
        $this->unreadable->readAll(StoredTable::ShoalJoins, DB::table('shoal_joins')->whereNull('deleted_at')->get(), function (stdClass $row) use (&$left): void {
            $left[$row->fish_id] = max(0, ($left[$row->fish_id] ?? 0) - $row->count);
            $left[$row->into_fish_id] = ($left[$row->into_fish_id] ?? 0) + $row->count;
        });
        foreach ($left as $fish => $count) {
            if ($count > 0) {
                $lives[] = new Lifetime(max(0, $came[$fish]->daysUntil($today)), false, $count);
            }
        }

        return $lives;
    }
}
