<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** An individual fish, or a shoal of one kind that is kept and counted as one. */
final readonly class Fish
{
    /** @var list<MeasuredLength> by date */
    public array $lengths;

    /** @var non-empty-list<Stay> by date */
    public array $stays;

    /**
     * @param  non-empty-list<Stay>  $stays  in any order
     * @param  list<MeasuredLength>  $lengths  in any order
     * @param  list<CandidateKind>  $candidates  besides its species, with weights that sum to less than 1
     */
    public function __construct(
        public string $key,
        public string $name,
        public Species $species,
        public LocalDate $arrived,
        array $stays,
        array $lengths = [],
        public int $count = 1,
        public Ration $ration = Ration::Steady,
        public Purpose $purpose = Purpose::Display,
        public ?Sex $sex = null,
        /** Null: not known. */
        public ?LocalDate $hatched = null,
        public array $candidates = [],
        /** From today on; null: as until now. */
        public ?Ration $rationAhead = null,
    ) {
        usort($lengths, fn (MeasuredLength $a, MeasuredLength $b): int => $b->date->daysUntil($a->date));
        usort($stays, fn (Stay $a, Stay $b): int => $b->from->daysUntil($a->from));
        $this->lengths = $lengths;
        $this->stays = $stays;
    }

    /** @return non-empty-list<CandidateKind> all that it may be, its species first; weights sum to 1 */
    public function kinds(): array
    {
        $others = array_sum(array_map(fn (CandidateKind $one): float => $one->weight, $this->candidates));

        return [new CandidateKind($this->species, max(0.0, 1 - $others)), ...$this->candidates];
    }

    public function fedFromNowOn(Ration $ration): self
    {
        return $this->with($this->species, $this->candidates, $ration);
    }

    public function ofKind(Species $species): self
    {
        return $this->with($species, [], $this->rationAhead);
    }

    public function measuredBefore(LocalDate $day): self
    {
        return new self(
            $this->key, $this->name, $this->species, $this->arrived, $this->stays,
            array_values(array_filter($this->lengths, fn (MeasuredLength $length): bool => $length->date->isBefore($day))),
            $this->count, $this->ration, $this->purpose, $this->sex, $this->hatched, $this->candidates, $this->rationAhead,
        );
    }

    /** @param  list<CandidateKind>  $candidates */
    private function with(Species $species, array $candidates, ?Ration $rationAhead): self
    {
        return new self(
            $this->key, $this->name, $species, $this->arrived, $this->stays, $this->lengths, $this->count, $this->ration,
            $this->purpose, $this->sex, $this->hatched, $candidates, $rationAhead,
        );
    }

    public function currentSystem(): string
    {
        return $this->stays[count($this->stays) - 1]->system;
    }

    public function isShoal(): bool
    {
        return $this->count > 1;
    }

    public function lastLength(): ?MeasuredLength
    {
        return $this->lengths === [] ? null : $this->lengths[count($this->lengths) - 1];
    }
}
