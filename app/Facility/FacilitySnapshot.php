<?php

declare(strict_types=1);

namespace App\Facility;

use App\Feeding\FeedingHabits;
use App\Feeding\FeedingPlans;
use App\Feeding\FoodStore;
use App\Language\Messages;
use App\Repair\LeftOut;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\RunningCost;
use Biomegas\Cost\YearAhead;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Units;
use Biomegas\Planning\FishBrief;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\Floor\LoadAhead;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\FullSystem;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Biomegas\Planning\Mending\HomeAhead;
use Biomegas\Planning\Mending\Mend;
use Biomegas\Planning\Mending\Unsolved;
use Biomegas\Planning\MethodEffect;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Supposition;
use Biomegas\Planning\SystemOutlook;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrate\NitrateYield;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Test\Alarm;
use Biomegas\Water\Test\Alarms;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterNow;
use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The facility as it stands in the database today, with what the core says of it. */
final class FacilitySnapshot
{
    /** @var array<string, FishOutlook> */
    private array $outlooks = [];

    /** @var array<string, FishBrief> by fish */
    private array $briefs = [];

    /** @var array<string, LengthsAhead> by fish */
    private array $lengthsAhead = [];

    private ?LostLately $lostLately = null;

    private ?Residents $residents = null;

    private ?Whereabouts $whereabouts = null;

    private ?Whereabouts $sheets = null;

    /** @var list<PlannedMove>|null */
    private ?array $plannedMoves = null;

    /** @var array<string, LocalDate>|null by fish */
    private ?array $quarantineEnds = null;

    /** @var array<string, NitrateYield> by system */
    private array $yields = [];

    public readonly Facility $facility;

    public readonly FacilityGrowth $growth;

    private readonly FacilityPrints $prints;

    private ?Messages $messages = null;

    public function __construct(
        private readonly FacilityReading $reading,
        public readonly Units $units,
        private readonly ProjectionCache $answers,
        public readonly WaterBook $water,
        public readonly UnreadableRows $unreadable,
        public readonly FoodStore $foods,
        public readonly FeedingPlans $plans,
        public readonly FeedingHabits $habits,
    ) {
        $this->facility = $reading->facility;
        $this->growth = new FacilityGrowth($this->facility, $reading->pace, new KeptFits($answers));
        $this->prints = new FacilityPrints($reading, $this->whereabouts(...), $this->plannedMoves(...), $this->quarantineEnds(...));
    }

    /** Null when it is not there any more. */
    public function find(int $id): ?Fish
    {
        return $this->facility->fish[Keys::ofFish($id)] ?? null;
    }

    /** @throws ModelNotFoundException<\App\Models\Fish> */
    public function fish(int $id): Fish
    {
        return $this->find($id) ?? throw new ModelNotFoundException;
    }

    /** @throws LeftOut when it cannot be read */
    public function system(int $id): System
    {
        $key = Keys::ofSystem($id);

        return $this->facility->systems[$key] ?? $this->facility->former[$key] ?? throw LeftOut::becauseTheSystemCannotBeRead();
    }

    public function kept(Fish $fish): FishSnapshot
    {
        return $this->reading->kept[$fish->key];
    }

    /**
     * Its colour and mark; the first for one that is only thought of.
     *
     * @param  string  $fish  key
     */
    public function bandOf(string $fish): int
    {
        return ($this->reading->kept[Parted::whole($fish)] ?? null)->band ?? 0;
    }

    public function outlook(Fish $fish): FishOutlook
    {
        return $this->outlooks[$fish->key] ??= FishOutlook::of($this->growth, $fish);
    }

    public function brief(Fish $fish): FishBrief
    {
        return $this->briefs[$fish->key] ??= $this->answers->of(
            $this->reading->surroundings,
            'brief',
            [$this->prints->of($fish)],
            fn (): FishBrief => FishBrief::of($this->facility, $this->outlook($fish)),
        );
    }

    /** As one who lives somewhere today. */
    public function occupant(Fish $fish): Occupant
    {
        return Shoal::of($fish)->occupant($this->brief($fish)->length->likely);
    }

    /** As one who lives somewhere on a day to come. */
    public function occupantOn(Fish $fish, LocalDate $date): Occupant
    {
        return (new ProjectedOccupant($fish, $this->lengthsAhead($fish)))->occupantOn($date);
    }

    public function residents(): Residents
    {
        return $this->residents ??= Residents::of($this->whereabouts(), $this->lengthsAhead(...));
    }

    /** Where everybody lives from today on, as moves are planned. */
    public function whereabouts(): Whereabouts
    {
        return $this->whereabouts ??= new Whereabouts($this->facility, $this->plannedMoves());
    }

    /** @return list<PlannedMove> */
    private function plannedMoves(): array
    {
        return $this->plannedMoves ??= PlannedMoves::of($this->facility, $this->unreadable);
    }

    /** @return list<PlannedMove> of its sheets alone, an adopted plan left out */
    public function settledSheets(Fish $fish): array
    {
        $this->sheets ??= new Whereabouts($this->facility, PlannedMoves::ofSheets($this->facility, $this->unreadable));

        return $this->sheets->settledFor($fish);
    }

    /** The first day on which a fish in quarantine may move; null: it is in none. */
    public function mayMoveFrom(Fish $fish): ?LocalDate
    {
        return $this->quarantineEnds()[$fish->key] ?? null;
    }

    /**
     * @param  list<Supposition>  $supposed
     * @param  Closure(): Plan  $describe
     */
    public function plan(Decision $decision, array $supposed, Closure $describe): Plan
    {
        return $this->answers->of($this->reading->surroundings, 'plan', [$decision, $supposed, $this->prints->everybody()], $describe);
    }

    /**
     * @param  list<Decision>  $decisions
     * @param  list<Supposition>  $supposed
     * @param  Closure(): array{list<Mend>, list<Mend>, list<Unsolved>}  $find
     * @return array{list<Mend>, list<Mend>, list<Unsolved>} what ends days out of rule, what homes lack, and what nothing solves
     */
    public function mends(array $decisions, array $supposed, Closure $find): array
    {
        return $this->answers->of($this->reading->surroundings, 'mends', [$decisions, $supposed, $this->prints->everybody()], $find);
    }

    /**
     * @param  Closure(): list<HomeAhead>  $find  named in the units and words of the place
     * @return list<HomeAhead> all that must be built some day
     */
    public function toBuild(Closure $find): array
    {
        return $this->answers->of($this->reading->surroundings, 'to build', [$this->prints->everybody(), $this->units, app()->getLocale()], $find);
    }

    /**
     * @template T
     *
     * @param  Closure(self, Fish): T  $find  in the units and words of the place
     * @return T what the sheet of a fish tells of its growth
     */
    public function growthSheet(Fish $fish, Closure $find): mixed
    {
        return $this->lastOf('growth', $fish->key, fn (): mixed => $find($this, $fish), $this->prints->of($fish));
    }

    /**
     * @template T
     *
     * @param  Closure(self, Fish): T  $find  in the units and words of the place
     * @return T what the rules of housing say of every home for this fish today
     */
    public function judgements(Fish $fish, Closure $find): mixed
    {
        return $this->lastOf('judgements', $fish->key, fn (): mixed => $find($this, $fish), $this->prints->everybody());
    }

    /**
     * Of each fish or system the last answer alone is kept.
     *
     * @template T
     *
     * @param  string  $key  of the fish or system
     * @param  Closure(): T  $find  in the units and words of the place
     * @param  string  $print  fingerprint of what it rests on besides the surroundings
     * @return T
     */
    private function lastOf(string $name, string $key, Closure $find, string $print): mixed
    {
        return $this->answers->restingOn($this->reading->surroundings, $name, [$key, $this->units, app()->getLocale()], fn (): array => [$find(), ''], fn (): string => $print);
    }

    public function lengthsAhead(Fish $fish): LengthsAhead
    {
        return $this->lengthsAhead[$fish->key] ??= $this->answers->of(
            $this->reading->surroundings,
            'lengths ahead',
            [$this->prints->of($fish)],
            fn (): LengthsAhead => LengthsAhead::of($this->facility, $this->outlook($fish)->growth),
        );
    }

    /** The homes that it needs from today on, beginning with the one it lives in. */
    public function homesAhead(Fish $fish): HomesAhead
    {
        return $this->homesAheadUnder($this->facility->rulebook, $fish);
    }

    /** The same if another rulebook held. */
    public function homesAheadUnder(Rulebook $rulebook, Fish $fish): HomesAhead
    {
        return $this->chain($rulebook, $fish)[0];
    }

    /**
     * What lists tell of a fish and its homes.
     *
     * @template T
     *
     * @param  Closure(self, Fish): T  $find  in the units and words of the place
     * @return T
     */
    public function row(Fish $fish, Closure $find): mixed
    {
        return $this->answers->restingOn(
            $this->reading->surroundings,
            'row',
            [$this->kept($fish), $this->prints->of($fish), $this->prints->whereEverybodyIs(), $this->mayMoveFrom($fish), $this->units, app()->getLocale()],
            fn (): array => [$find($this, $fish), $this->chain($this->facility->rulebook, $fish)[1]],
            $this->prints->ofHomes(...),
        );
    }

    /** @return array{HomesAhead, string} with the systems that the search for it looked into */
    private function chain(Rulebook $rulebook, Fish $fish): array
    {
        $notBefore = $this->mayMoveFrom($fish);

        return $this->answers->restingOn(
            $this->reading->surroundings,
            'homes ahead',
            [$rulebook === $this->facility->rulebook ? null : $rulebook, $this->prints->of($fish), $this->prints->whereEverybodyIs(), $notBefore],
            function () use ($rulebook, $fish, $notBefore): array {
                $search = new HomeSearch($this->facility->under($rulebook), $this->outlook($fish)->growth, $fish, $this->residents(), $notBefore);
                $found = $search->findFrom($this->facility->system($fish->currentSystem()), $this->whereabouts()->settledFor($fish), $this->whereabouts());

                $homes = FacilityPrints::named($search->lookedAt());

                return [[$found, $homes], $homes];
            },
            $this->prints->ofHomes(...),
        );
    }

    /** @return array<string, LocalDate> the first day on which it may move, by fish in quarantine */
    private function quarantineEnds(): array
    {
        return $this->quarantineEnds ??= MovingBook::quarantineEnds($this);
    }

    /** What the rules of housing say of a home for this fish today. */
    public function judgement(Fish $fish, System $system): Judgement
    {
        $others = array_filter($this->facility->residentsOf($system), fn (Fish $resident): bool => $resident->key !== $fish->key);

        return Judgement::of(new HousingCase($this->occupant($fish), $system, array_values(array_map($this->occupant(...), $others)), $this->facility->rulebook, $fish->currentSystem() === $system->key));
    }

    /** Whom another rulebook would put out of a home of today, and whom it would let stay. */
    public function methodEffect(Rulebook $other): MethodEffect
    {
        return MethodEffect::together(array_values(array_map(function (System $system) use ($other): MethodEffect {
            $residents = $this->facility->residentsOf($system);

            return $this->answers->of(
                $this->reading->surroundings,
                'method',
                [$system->key, $other, $this->prints->in($system)],
                fn (): MethodEffect => MethodEffect::in($system, array_map($this->occupant(...), $residents), $this->facility->rulebook, $other),
            );
        }, $this->facility->systems)));
    }

    /** Says what the core finds, in the units of this facility, to whoever reads it today. */
    public function says(): Messages
    {
        return $this->messages ??= new Messages($this->units, app()->getLocale(), $this->facility->date);
    }

    /** The same for what leaves the application and is read on other days: no year is left out. */
    public function saysInFull(): Messages
    {
        return new Messages($this->units, app()->getLocale());
    }

    /**
     * What lists tell of the water of a system: it rests on its fish, its tests and its changes.
     *
     * @template T
     *
     * @param  Closure(self, System): T  $find  in the units and words of the place
     * @return T
     */
    public function waterBrief(System $system, Closure $find): mixed
    {
        $rests = [$this->prints->in($system), $this->water->tests($system->key), $this->water->changes($system->key)];

        return $this->lastOf('water', $system->key, fn (): mixed => $find($this, $system), hash('xxh128', serialize($rests)));
    }

    /**
     * What is told of all fish together, their growth and their homes: one answer, so that those of each are not read back.
     *
     * @template T
     *
     * @param  list<mixed>  $besides  what else it rests on
     * @param  Closure(): T  $find  in the units and words of the place
     * @return T
     */
    public function ofAllFish(string $name, array $besides, Closure $find): mixed
    {
        return $this->lastOf($name, '', $find, hash('xxh128', serialize([$this->prints->everybody(), $besides])));
    }

    /**
     * Who of some fish can live with whom.
     *
     * @template T
     *
     * @param  list<Fish>  $fish
     * @param  list<mixed>  $besides  what else it rests on
     * @param  Closure(): T  $find  in the units and words of the place
     * @return T
     */
    public function company(array $fish, array $besides, Closure $find): mixed
    {
        $keys = array_map(fn (Fish $one): string => $one->key, $fish);

        return $this->lastOf('company', implode(' ', $keys), $find, hash('xxh128', serialize([array_map($this->prints->of(...), $fish), array_map($this->kept(...), $fish), $besides])));
    }

    public function full(System $system): ?FullSystem
    {
        return $this->lastOf('full', $system->key, fn (): ?FullSystem => $this->findFull($system), $this->prints->everybody());
    }

    private function findFull(System $system): ?FullSystem
    {
        $residents = $this->facility->residentsOf($system);
        $leaves = array_map($this->mustLeave(...), $residents);

        return $this->answers->of(
            $this->reading->surroundings,
            'full by those who leave',
            [$system->key, $this->prints->in($system), $leaves],
            fn (): ?FullSystem => SystemOutlook::of($this->facility, $system, $this->outlooksOf($residents), $leaves),
        );
    }

    /** @return array{LocalDate, Verdict}|null when and why it can stay no longer where it is; null: not within the horizon */
    private function mustLeave(Fish $fish): ?array
    {
        $stay = $this->homesAhead($fish)->stays[0] ?? null;

        return $stay?->leave === null || $stay->because === null ? null : [$stay->leave, $stay->because];
    }

    /** @return list<ProjectedOccupant> as long as they will be */
    public function growing(System $system): array
    {
        return array_map(fn (Fish $fish): ProjectedOccupant => new ProjectedOccupant($fish, $this->lengthsAhead($fish)), $this->facility->residentsOf($system));
    }

    /**
     * As growing, on a day to come: where moves that are planned take them.
     *
     * @return list<ProjectedOccupant>
     */
    public function growingOn(System $system, LocalDate $date): array
    {
        $growing = [];
        foreach ($this->whereabouts()->everIn($system) as $fish) {
            $count = $this->whereabouts()->countIn($fish, $system, $date);
            if ($count > 0) {
                $growing[] = new ProjectedOccupant($fish, $this->lengthsAhead($fish), $count);
            }
        }

        return $growing;
    }

    public function lostLately(): LostLately
    {
        return $this->lostLately ??= new LostLately($this->unreadable, $this->facility->date, FilterPast::DAYS);
    }

    public function load(System $system): LoadAhead
    {
        $residents = $this->facility->residentsOf($system);

        return $this->answers->of(
            $this->reading->surroundings,
            'load',
            [$system->key, $this->prints->in($system)],
            fn (): LoadAhead => LoadAhead::of($this->facility, $system, $this->growing($system)),
        );
    }

    /** Over the year to come. */
    public function runningCost(System $system): RunningCost
    {
        return $this->answers->of($this->reading->surroundings, 'running cost', [$system->key, $this->prints->in($system)], function () use ($system): RunningCost {
            $fedOn = fn (LocalDate $day): array => array_map(fn (ProjectedOccupant $occupant): FedOccupant => $occupant->fedOn($day), $this->growing($system));

            return YearAhead::of($system, $fedOn, $this->facility->date, $this->facility->rulebook->holdingFor($system->key));
        });
    }

    /** What its own tests show of the nitrate by the book, else what other tanks do. */
    public function nitrateYield(System $system): NitrateYield
    {
        return $this->yields[$system->key] ??= $this->fitYield($system) ?? NitrateYield::byExperience($this->facility->rulebook);
    }

    private function fitYield(System $system): ?NitrateYield
    {
        $tests = [];
        foreach ($this->water->tests($system->key) as $test) {
            $nitrate = $test->value(Quantity::Nitrate);
            if ($nitrate !== null) {
                $tests[] = [$test->date, $nitrate];
            }
        }
        $course = $this->load($system)->today()->nitrate;

        return NitrateYield::fit($tests, $this->water->changes($system->key), $this->madePerWeek($system, $course->madePerWeek), $course->share, $course->tap);
    }

    /** @return Closure(LocalDate): float mg/l of nitrate by the book for today's fish in the water of that day */
    private function madePerWeek(System $system, float $today): Closure
    {
        $temperature = $system->temperature;
        if ($temperature === null || $temperature->isSteady()) {
            return fn (): float => $today;
        }
        $fed = array_map(fn (ProjectedOccupant $occupant): FedOccupant => $occupant->fedOn($this->facility->date), $this->growing($system));
        $rulebook = $this->facility->rulebook->holdingFor($system->key);

        return fn (LocalDate $date): float => SystemLoad::of($system, $fed, $temperature->on($date), $rulebook)->nitrate->madePerWeek;
    }

    public function waterNow(System $system): WaterNow
    {
        return WaterNow::of($this->water->tests($system->key), $this->facility->date);
    }

    /** Measured, else as the system is set, else as most are. */
    public function celsiusNow(System $system): float
    {
        return $this->waterNow($system)->celsiusIn($system, $this->facility->date);
    }

    /** Grams of all of them today. */
    public function massOf(Fish $fish): float
    {
        return (new FedOccupant($fish->species, $this->brief($fish)->length->likely, $fish->count, $fish->ration))->mass();
    }

    /** @return list<Alarm> */
    public function alarms(System $system): array
    {
        $residents = array_map(fn (Fish $fish): Species => $fish->species, $this->facility->residentsOf($system));
        $target = $this->facility->rulebook->number(RuleParameter::NitrateTarget);

        return (new Alarms($this->waterNow($system), $residents, $target, $system->ph, $system->temperature?->on($this->facility->date)))->all();
    }

    /**
     * @param  list<Fish>  $fish
     * @return array<string, FishOutlook> by key
     */
    private function outlooksOf(array $fish): array
    {
        return array_map($this->outlook(...), array_column($fish, null, 'key'));
    }
}
