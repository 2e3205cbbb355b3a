<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Rulebook\Ration;

/** An individual fish, or a shoal of one species that is kept and counted as one. */
final readonly class Fish
{
    /** By date. */
    public MeasuredLengths $lengths;

    /** Where it is written down what it ate. */
    public FedSpans $fed;

    /** @var non-empty-list<Stay> by date */
    public array $stays;

    /** @var list<RationChange> by date */
    public array $rationChanges;

    /**
     * @param  non-empty-list<Stay>  $stays  in any order
     * @param  list<MeasuredLength>|MeasuredLengths  $lengths  in any order
     * @param  list<CandidateSpecies>  $candidates  besides its species, with weights that sum to less than 1
     * @param  list<RationChange>  $rationChanges  in any order
     * @param  list<FedSpan>|FedSpans  $fed  by date, apart from each other
     */
    public function __construct(
        public string $key,
        public string $name,
        public Species $species,
        public LocalDate $arrived,
        array $stays,
        array|MeasuredLengths $lengths = [],
        public int $count = 1,
        /** Until the first change. */
        public Ration $ration = Ration::Steady,
        public Purpose $purpose = Purpose::Display,
        public ?Sex $sex = null,
        /** Null: not known. */
        public ?LocalDate $hatched = null,
        public array $candidates = [],
        array $rationChanges = [],
        /** Adult length that its keeper states for this fish, millimetres; null: as its species. */
        public ?float $statedAdultMm = null,
        /** Where it goes if it cannot stay; null: nobody knows. */
        public ?string $fallback = null,
        /** The day on which the last of it was gone; null: it is there. */
        public ?LocalDate $gone = null,
        /** Of a shoal: who makes it up, as last seen; null: nobody has looked. */
        public ?Makeup $makeup = null,
        /** Of a shoal: how many of each sex by now; null: not known. */
        private ?Sexes $sexes = null,
        public Manner $manner = new Manner,
        array|FedSpans $fed = [],
    ) {
        usort($stays, fn (Stay $a, Stay $b): int => $b->from->daysUntil($a->from));
        $this->lengths = $lengths instanceof MeasuredLengths ? $lengths : MeasuredLengths::of($lengths);
        $this->fed = $fed instanceof FedSpans ? $fed : FedSpans::of($fed);
        $this->stays = $stays;
        usort($rationChanges, fn (RationChange $a, RationChange $b): int => $b->from->daysUntil($a->from));
        $this->rationChanges = $rationChanges;
    }

    /** @return non-empty-list<CandidateSpecies> all that it may be, its species first; weights sum to 1 */
    public function possibleSpecies(): array
    {
        $others = array_sum(array_map(fn (CandidateSpecies $candidate): float => $candidate->weight, $this->candidates));
        $kinds = [new CandidateSpecies($this->species, max(0.0, 1 - $others)), ...$this->candidates];
        $stated = $this->statedAdultMm;

        return $stated === null
            ? $kinds
            : array_map(fn (CandidateSpecies $candidate): CandidateSpecies => new CandidateSpecies($candidate->species->ofStatedAdultLength($stated), $candidate->weight), $kinds);
    }

    /** How it is fed on that day. */
    public function rationOn(LocalDate $day): Ration
    {
        $ration = $this->ration;
        foreach ($this->rationChanges as $change) {
            $ration = $change->from->isAfter($day) ? $ration : $change->ration;
        }

        return $ration;
    }

    public function fedFrom(LocalDate $day, Ration $ration): self
    {
        $before = array_values(array_filter($this->rationChanges, fn (RationChange $change): bool => $change->from->isBefore($day)));

        return $this->with(rationChanges: [...$before, new RationChange($day, $ration)]);
    }

    public function ofStatedAdult(float $millimetres): self
    {
        return $this->with(statedAdultMm: $millimetres);
    }

    /** Of a shoal: so many of it, nobody says which. */
    public function numbering(int $count): self
    {
        return new self(
            $this->key, $this->name, $this->species, $this->arrived, $this->stays, $this->lengths, $count,
            $this->ration, $this->purpose, $this->sex, $this->hatched, $this->candidates,
            $this->rationChanges, $this->statedAdultMm, $this->fallback, $this->gone, $this->makeup, manner: $this->manner, fed: $this->fed,
        );
    }

    public function called(string $key, string $name): self
    {
        return $this->with(key: $key, name: $name);
    }

    public function measuredBefore(LocalDate $day): self
    {
        return $this->with(lengths: array_values(array_filter($this->lengths->all(), fn (MeasuredLength $length): bool => $length->date->isBefore($day))));
    }

    /**
     * @param  list<MeasuredLength>|null  $lengths
     * @param  list<RationChange>|null  $rationChanges
     */
    private function with(?array $lengths = null, ?array $rationChanges = null, ?float $statedAdultMm = null, ?string $key = null, ?string $name = null): self
    {
        return new self(
            $key ?? $this->key, $name ?? $this->name, $this->species, $this->arrived, $this->stays, $lengths ?? $this->lengths, $this->count,
            $this->ration, $this->purpose, $this->sex, $this->hatched, $this->candidates,
            $rationChanges ?? $this->rationChanges, $statedAdultMm ?? $this->statedAdultMm, $this->fallback, $this->gone, $this->makeup, $this->sexes, $this->manner, $this->fed,
        );
    }

    /** @return list<string> where it lived that day: both homes on the day of a move */
    public function homesOn(LocalDate $day): array
    {
        $there = array_filter($this->stays, fn (Stay $stay): bool => ! $stay->from->isAfter($day) && ($stay->until === null || ! $stay->until->isBefore($day)));

        return array_values(array_map(fn (Stay $stay): string => $stay->system, $there));
    }

    public function currentSystem(): string
    {
        return $this->stays[count($this->stays) - 1]->system;
    }

    public function sexes(): Sexes
    {
        return $this->sexes ?? match ($this->sex) {
            Sex::Male => new Sexes(males: $this->count),
            Sex::Female => new Sexes(females: $this->count),
            null => new Sexes(unknown: $this->count),
        };
    }

    public function isShoal(): bool
    {
        return $this->count > 1;
    }

    public function lastLength(): ?MeasuredLength
    {
        return $this->lengths->last();
    }
}
