<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\LifeEvent;
use Biomegas\Losses\Lifetime;
use Biomegas\Losses\Lives;
use Biomegas\Losses\LossKind;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How long all that ever came were kept, as the log tells; food animals are eaten on purpose and left out. */
final readonly class LifeBook
{
    public function __construct(private UnreadableRows $unreadable)
    {
    }

    /** @return array<string, list<Lifetime>> by fish, of those that are gone too */
    public function until(LocalDate $today): array
    {
        $arrivals = [];
        $this->unreadable->readAll(StoredTable::Fish, DB::table('fish')->where('purpose', '!=', 'food')->get(), function (stdClass $fish) use (&$arrivals): void {
            $arrivals[Keys::ofFish($fish->id)] = [LocalDate::fromIso($fish->arrived_on), $fish->count];
        });

        return Lives::of($arrivals, [...$this->losses(), ...$this->counts(), ...$this->passings(StoredTable::ShoalSplits, 'from_fish_id', null), ...$this->passings(StoredTable::ShoalJoins, 'fish_id', 'into_fish_id')], $today);
    }

    /** @return list<LifeEvent> */
    private function losses(): array
    {
        return $this->unreadable->readAll(StoredTable::Losses, DB::table('losses')->whereNull('deleted_at')->get(), fn (stdClass $row): LifeEvent => LifeEvent::loss(Keys::ofFish($row->fish_id), LocalDate::fromIso($row->date), $row->count, LossKind::from($row->kind)));
    }

    /** @return list<LifeEvent> */
    private function counts(): array
    {
        return $this->unreadable->readAll(StoredTable::Counts, DB::table('counts')->whereNull('deleted_at')->where('kind', CountKind::AllCaught->value)->get(), fn (stdClass $row): LifeEvent => LifeEvent::allCaught(Keys::ofFish($row->fish_id), LocalDate::fromIso($row->date), $row->number));
    }

    /**
     * @param  string|null  $into  column of the one that they go into; null: a record that has them from its beginning
     * @return list<LifeEvent>
     */
    private function passings(StoredTable $table, string $from, ?string $into): array
    {
        return $this->unreadable->readAll($table, DB::table($table->value)->whereNull('deleted_at')->get(), fn (stdClass $row): LifeEvent => LifeEvent::passedOn(Keys::ofFish($row->{$from}), LocalDate::fromIso($row->date), (int) $row->count, $into === null ? null : Keys::ofFish($row->{$into})));
    }
}
