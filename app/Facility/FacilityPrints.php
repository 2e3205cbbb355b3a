<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Closure;

/** Fingerprints of what kept answers rest on: one fish, those of some homes, where everybody is, or everybody. */
final class FacilityPrints
{
    private const BETWEEN_HOMES = "\n";

    private ?string $everybody = null;

    private ?string $whereEverybodyIs = null;

    /** @var array<string, string> by system */
    private array $ofResidents = [];

    /** @var array<string, string> by systems, as they are named in answers */
    private array $ofHomes = [];

    /**
     * @param  Closure(): Whereabouts  $whereabouts  worked out when it is first wanted, as are the others
     * @param  Closure(): list<PlannedMove>  $plannedMoves
     * @param  Closure(): array<string, LocalDate>  $quarantineEnds  by fish
     */
    public function __construct(
        private readonly FacilityReading $reading,
        private readonly Closure $whereabouts,
        private readonly Closure $plannedMoves,
        private readonly Closure $quarantineEnds,
    ) {
    }

    /** One that lives here, and all that its growth rests on. */
    public function of(Fish $fish): string
    {
        return $this->reading->prints[$fish->key];
    }

    /** @return list<string> of those who live there today */
    public function in(System $system): array
    {
        return array_map($this->of(...), $this->reading->facility->residentsOf($system));
    }

    /** Where all fish live, how they grow, and where and when they are to go. */
    public function everybody(): string
    {
        return $this->everybody ??= hash('xxh128', serialize([array_map($this->of(...), $this->reading->facility->fish), ($this->plannedMoves)(), ($this->quarantineEnds)()]));
    }

    /** Who is where from today on, however long they are. */
    public function whereEverybodyIs(): string
    {
        return $this->whereEverybodyIs ??= hash('xxh128', serialize([
            array_map(fn (Fish $fish): array => [$fish->currentSystem(), $fish->count], $this->reading->facility->fish), ($this->plannedMoves)(),
        ]));
    }

    /** @param  list<string>  $systems  keys, as one text that is kept with an answer */
    public static function named(array $systems): string
    {
        return implode(self::BETWEEN_HOMES, $systems);
    }

    /** Those who live in these systems, as for each. */
    public function ofHomes(string $named): string
    {
        return $this->ofHomes[$named] ??= hash('xxh128', $named === '' ? '' : implode(array_map($this->ofResidents(...), explode(self::BETWEEN_HOMES, $named))));
    }

    /** Those who live in a system, or are to come, and how they grow. */
    private function ofResidents(string $system): string
    {
        return $this->ofResidents[$system] ??= hash('xxh128', serialize(array_map($this->of(...), ($this->whereabouts)()->everIn($this->reading->facility->system($system)))));
    }
}
