<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Brood as BroodRecord;
use App\Models\Plan as Written;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\FixedStays;
use Biomegas\Planning\Plan\PlannedStay;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who must be where, whatever a plan would like: by moves that are written down, as the keeper insists, or because it may not move yet. */
final readonly class FixedBook
{
    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** @return list<PlannedStay> */
    public function stays(Written $plan): array
    {
        return [...$this->written(), ...$this->locks($plan), ...$this->held()];
    }

    /** @return list<PlannedStay> where moves that are written down have them */
    public function written(): array
    {
        return array_merge([], ...array_map(
            fn (Fish $fish): array => FixedStays::byMoves($fish, $this->moves($fish), $this->kept->facility->date),
            array_values($this->kept->facility->fish),
        ));
    }

    /** @return list<DecidedMove> that are written down of one fish, whatever a plan says */
    public function moves(Fish $fish): array
    {
        return array_map(
            fn (PlannedMove $move): DecidedMove => new DecidedMove($move->fish, $move->from, $move->to, $this->kept->whereabouts()->dayOf($move)),
            $this->kept->settledSheets($fish),
        );
    }

    /** @return list<PlannedStay> that the keeper insists on */
    private function locks(Written $plan): array
    {
        $stays = [];
        foreach ($plan->locks as $lock) {
            $fish = $this->kept->find($lock['fish_id']);
            $system = Keys::ofSystem($lock['system_id']);
            if ($fish !== null && isset($this->kept->facility->systems[$system])) {
                $stays[] = new PlannedStay(
                    $fish->key, $system, LocalDate::fromIso($lock['from'] ?? $this->kept->facility->date->toIso()),
                    $lock['until'] === null ? null : LocalDate::fromIso($lock['until']),
                );
            }
        }

        return $stays;
    }

    /** @return list<PlannedStay> who may not move yet: in quarantine, with a brood, treated, or just come */
    private function held(): array
    {
        [$broods, $treated] = [$this->broods(), $this->treated()];
        $free = array_filter($this->kept->facility->fish, fn (Fish $fish): bool => $this->kept->settledSheets($fish) === []);

        return array_values(array_filter(array_map(
            fn (Fish $fish): ?PlannedStay => FixedStays::held($fish, [$this->kept->mayMoveFrom($fish), $broods[$fish->key] ?? null, $treated[$fish->key] ?? null], $this->kept->facility->date),
            $free,
        )));
    }

    /** @return array<string, LocalDate> by parent, the day after the last step of its brood */
    private function broods(): array
    {
        $until = [];
        $this->kept->unreadable->readAll(StoredTable::Broods, Broods::going(), function (BroodRecord $written) use (&$until): void {
            $brood = Broods::of($this->kept, $written);
            if ($brood === null) {
                return;
            }
            foreach ($brood->steps as $step) {
                $until[$brood->mother->key] = LocalDate::later($until[$brood->mother->key] ?? $step->until, $step->until);
                if ($brood->father !== null) {
                    $until[$brood->father->key] = $until[$brood->mother->key];
                }
            }
        });

        return array_map(fn (LocalDate $last): LocalDate => $last->plusDays(1), $until);
    }

    /** @return array<string, LocalDate> by fish, the day after the last on which it is dosed */
    private function treated(): array
    {
        $until = [];
        $rows = DB::table('treatments')->whereNull('deleted_at')->where('until', '>=', $this->kept->facility->date->toIso())->get();
        $this->kept->unreadable->readAll(StoredTable::Treatments, $rows, function (stdClass $row) use (&$until): void {
            $until[Keys::ofFish($row->fish_id)] = LocalDate::fromIso($row->until)->plusDays(1);
        });

        return $until;
    }
}
