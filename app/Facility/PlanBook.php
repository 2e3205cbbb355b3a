<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Plan as Written;
use App\Models\PlanMove as WrittenMove;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\Plan\Concern;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\FixedStays;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\Planner;
use Biomegas\Planning\Plan\Question;
use Biomegas\Planning\Supposing\OneMore;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Supposition;

/** Plans as they are written down, read with what is known today. */
final readonly class PlanBook
{
    /** What is looked at while nothing is planned. */
    public const USUAL_MONTHS = 24;

    private FixedBook $fixed;

    public function __construct(private FacilitySnapshot $kept)
    {
        $this->fixed = new FixedBook($kept);
    }

    /** @param  list<Supposition>  $supposed */
    public function planner(array $supposed = []): Planner
    {
        $facility = $this->facility($supposed);

        return new Planner($facility, $this->lodgers($facility), $this->nameOf(...));
    }

    public function nameOf(HomeToBuild $home): string
    {
        return $this->kept->says()->phrase($home->finding());
    }

    /**
     * The facility as it would be.
     *
     * @param  list<Supposition>  $supposed
     */
    public function facility(array $supposed): Facility
    {
        return array_reduce($supposed, fn (Facility $facility, Supposition $one): Facility => $one->applyTo($facility), $this->kept->facility);
    }

    /** @return array<string, Lodger> by fish */
    public function lodgers(Facility $facility): array
    {
        return array_map(function (Fish $fish) use ($facility): Lodger {
            // A part of a shoal grows as the whole does.
            $whole = $this->kept->facility->fish[Parted::whole($fish->key)] ?? null;
            $isAsItIs = $whole === $fish || Parted::isPart($fish->key);
            $growth = $whole !== null && $isAsItIs ? $this->kept->outlook($whole)->growth : $this->growthOf($fish, $facility);
            $isAtHome = $whole !== null && $isAsItIs && $facility->system($fish->currentSystem()) === $this->kept->facility->system($fish->currentSystem());

            return new Lodger($facility, $fish, $growth, $isAtHome ? $this->kept->lengthsAhead($whole) : LengthsAhead::of($facility, $growth));
        }, $facility->fish);
    }

    /** Of one that is only thought of, or thought of otherwise than it is. */
    private function growthOf(Fish $fish, Facility $facility): GrowthProjection
    {
        return (isset($this->kept->facility->fish[$fish->key]) ? $this->kept->growth : new FacilityGrowth($facility))->projectionOf($fish);
    }

    /** @return list<Supposition> */
    public function supposed(Written $plan): array
    {
        return Supposed::read($this->kept, $plan->supposed);
    }

    public function question(Written $plan): Question
    {
        return new Question($plan->aim, Question::daysOf($plan->months), FixedStays::ofParts($this->fixed->stays($plan), $this->supposed($plan)), $plan->may_build);
    }

    /** What it decided and what is still to be done of it: whoever is gone, or went elsewhere, is left out. */
    public function decision(Written $plan): Decision
    {
        $facility = $this->facility($this->supposed($plan));
        $built = array_map(fn (array $home): System => BuiltHomes::read($home, $this->kept->says()), $plan->built);
        $homes = [...$facility->systems, ...array_column($built, null, 'key')];
        $moves = $this->kept->unreadable->readAll(StoredTable::PlanMoves, $plan->moves, fn (WrittenMove $move): DecidedMove => new DecidedMove(
            self::fishOf($move), self::place($move->from_system_id, $move->from_built), self::place($move->to_system_id, $move->to_built),
            LocalDate::later(LocalDate::fromIso($move->on), $this->kept->facility->date), $move->waits_in_tub, $move->at_length,
        ));
        $ahead = array_merge([], ...array_map(fn (Fish $fish): array => $this->ahead($fish, $moves), array_values($facility->fish)));
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
        $written = $plan->moves->first(fn (WrittenMove $row): bool => self::fishOf($row) === $move->fish->key && self::place($row->to_system_id, $row->to_built) === $move->to->key);

        return $written === null ? $move->on : LocalDate::fromIso($written->on);
    }

    /** @return list<Concern> what speaks against the plan that is followed and did not when it was adopted */
    public function newConcerns(Written $plan): array
    {
        return $plan->adopted_at === null ? [] : array_values(array_filter(
            Concern::allOf($this->read($plan)),
            fn (Concern $concern): bool => ! in_array($concern->key, $plan->accepted, true),
        ));
    }

    /** As it looks today. */
    public function read(Written $plan): Plan
    {
        return $this->describe($this->decision($plan), $this->supposed($plan));
    }

    /** @param  list<Supposition>  $supposed */
    public function describe(Decision $decision, array $supposed = []): Plan
    {
        return $this->kept->plan($decision, $supposed, fn (): Plan => $this->planner($supposed)->describe($decision, $this->fixed->written()));
    }

    /**
     * As things are: the moves that are written down, and no others.
     *
     * @param  list<Supposition>  $supposed
     */
    public function asItIs(int $months, array $supposed = []): Plan
    {
        return $this->describe(new Decision(
            array_merge([], ...array_map($this->fixed->moves(...), array_values($this->facility($supposed)->fish))),
            [], $this->kept->facility->date->plusDays(Question::daysOf($months)),
        ), $supposed);
    }

    /** The plan that is asked for, else the one that is followed, else as things are. */
    public function seen(?Written $plan): Decision
    {
        return $plan === null ? $this->asItIs(self::USUAL_MONTHS)->decision : $this->decision($plan);
    }

    /**
     * Of one fish: what is written down of it, then what the plan has for it from there on.
     *
     * @param  list<DecidedMove>  $moves  of all, by day
     * @return list<DecidedMove>
     */
    private function ahead(Fish $fish, array $moves): array
    {
        $sheets = $this->fixed->moves($fish);
        $last = $sheets === [] ? null : $sheets[count($sheets) - 1];
        $own = array_values(array_filter($moves, fn (DecidedMove $move): bool => $move->fish === $fish->key));
        foreach ($own as $i => $move) {
            if ($move->from === ($last->to ?? $fish->currentSystem()) && ($last === null || $move->on->isAfter($last->on))) {
                return [...$sheets, ...array_slice($own, $i)];
            }
        }

        return $sheets;
    }

    private static function fishOf(WrittenMove $move): string
    {
        return match (true) {
            $move->fish_id === null => OneMore::KEY,
            $move->is_of_part => Parted::partOf(Keys::ofFish($move->fish_id)),
            default => Keys::ofFish($move->fish_id),
        };
    }

    private static function place(?int $system, ?string $built): string
    {
        return $system === null ? (string) $built : Keys::ofSystem($system);
    }
}
