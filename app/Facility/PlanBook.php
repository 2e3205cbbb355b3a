<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Brood as BroodRecord;
use App\Models\Plan as Written;
use App\Models\PlanMove as WrittenMove;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\Plan\Concern;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\FixedStays;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\PlannedStay;
use Biomegas\Planning\Plan\Planner;
use Biomegas\Planning\Plan\Question;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Plans as they are written down, read with what is known today. */
final readonly class PlanBook
{
    public function __construct(private FacilitySnapshot $kept)
    {
    }

    public function planner(): Planner
    {
        return new Planner(
            $this->kept->facility,
            array_map(fn (Fish $fish): Lodger => new Lodger($this->kept->facility, $fish, $this->kept->outlook($fish)->growth, $this->kept->lengthsAhead($fish)), $this->kept->facility->fish),
            fn (HomeToBuild $home): string => $this->kept->says()->phrase($home->finding()),
        );
    }

    public function question(Written $plan): Question
    {
        return new Question($plan->aim, Question::daysOf($plan->months), [...$this->written(), ...$this->locks($plan), ...$this->held()], $plan->may_build);
    }

    /** What it decided and what is still to be done of it: whoever is gone, or went elsewhere, is left out. */
    public function decision(Written $plan): Decision
    {
        $built = array_map(fn (array $home): System => BuiltHomes::read($home, $this->kept->says()), $plan->built);
        $homes = [...$this->kept->facility->systems, ...array_column($built, null, 'key')];
        $moves = $this->kept->unreadable->readAll(StoredTable::PlanMoves, $plan->moves, fn (WrittenMove $move): DecidedMove => new DecidedMove(
            Keys::ofFish($move->fish_id), self::place($move->from_system_id, $move->from_built), self::place($move->to_system_id, $move->to_built),
            LocalDate::later(LocalDate::fromIso($move->on), $this->kept->facility->date), $move->waits_in_tub,
        ));
        $ahead = array_merge([], ...array_map(fn (Fish $fish): array => $this->ahead($fish, $moves), array_values($this->kept->facility->fish)));
        usort($ahead, fn (DecidedMove $a, DecidedMove $b): int => $b->on->daysUntil($a->on));

        return new Decision(
            array_values(array_filter($ahead, fn (DecidedMove $move): bool => isset($homes[$move->from], $homes[$move->to]))), $built,
            LocalDate::fromIso($plan->horizon ?? $this->kept->facility->horizon()->toIso()),
            $plan->objective ?? 0.0, $plan->bound ?? 0.0, count($ahead) === $plan->moves->count() ? $plan->least_moves ?? 0 : 0, array_map(Keys::ofFish(...), $plan->staying),
        );
    }

    /** The day that the plan has for a move, which may lie behind. */
    public function plannedDay(Written $plan, PlanMove $move): LocalDate
    {
        $written = $plan->moves->first(fn (WrittenMove $row): bool => Keys::ofFish($row->fish_id) === $move->fish->key && self::place($row->to_system_id, $row->to_built) === $move->to->key);

        return $written === null ? $move->on : LocalDate::fromIso($written->on);
    }

    /** @return list<Concern> what speaks against the plan that is followed and did not when it was adopted */
    public function newConcerns(Written $plan): array
    {
        return $plan->adopted_at === null ? [] : array_values(array_filter(
            Concern::allOf($this->describe($this->decision($plan))),
            fn (Concern $concern): bool => ! in_array($concern->key, $plan->accepted, true),
        ));
    }

    public function describe(Decision $decision): Plan
    {
        return $this->kept->plan($decision, fn (): Plan => $this->planner()->describe($decision, $this->written()));
    }

    /** As things are: the moves that are written down, and no others. */
    public function asItIs(int $months): Plan
    {
        return $this->describe(new Decision(
            array_merge([], ...array_map($this->bySheets(...), array_values($this->kept->facility->fish))),
            [], $this->kept->facility->date->plusDays(Question::daysOf($months)),
        ));
    }

    /** @return list<DecidedMove> that are written down of one fish, whatever a plan says */
    private function bySheets(Fish $fish): array
    {
        return array_map(
            fn (PlannedMove $move): DecidedMove => new DecidedMove($move->fish, $move->from, $move->to, $this->kept->whereabouts()->dayOf($move)),
            $this->kept->settledSheets($fish),
        );
    }

    /**
     * Of one fish: what is written down of it, then what the plan has for it from there on.
     *
     * @param  list<DecidedMove>  $moves  of all, by day
     * @return list<DecidedMove>
     */
    private function ahead(Fish $fish, array $moves): array
    {
        $sheets = $this->bySheets($fish);
        $last = $sheets === [] ? null : $sheets[count($sheets) - 1];
        $own = array_values(array_filter($moves, fn (DecidedMove $move): bool => $move->fish === $fish->key));
        foreach ($own as $i => $move) {
            if ($move->from === ($last->to ?? $fish->currentSystem()) && ($last === null || $move->on->isAfter($last->on))) {
                return [...$sheets, ...array_slice($own, $i)];
            }
        }

        return $sheets;
    }

    private static function place(?int $system, ?string $built): string
    {
        return $system === null ? (string) $built : Keys::ofSystem($system);
    }

    /** @return list<PlannedStay> where moves that are written down have them */
    private function written(): array
    {
        return array_merge([], ...array_map(
            fn (Fish $fish): array => FixedStays::byMoves($fish, $this->bySheets($fish), $this->kept->facility->date),
            array_values($this->kept->facility->fish),
        ));
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
