<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Water\Load\FedOccupant;

/** A fish that lives in a system, as long as it will be. */
final readonly class ProjectedOccupant
{
    public function __construct(
        public Fish $fish,
        public LengthsAhead $ahead,
        /** Of a shoal: how many are meant; null: all. */
        private ?int $some = null,
    ) {
    }

    private function count(): int
    {
        return $this->some ?? $this->fish->count;
    }

    public function bandOn(LocalDate $date): LengthBand
    {
        return $this->ahead->bandOn($date);
    }

    public function occupantOn(LocalDate $date): Occupant
    {
        return Shoal::of($this->fish)->occupant($this->ahead->on($date), $this->count());
    }

    public function fedOn(LocalDate $date): FedOccupant
    {
        return new FedOccupant($this->fish->species, $this->ahead->on($date), $this->count(), $this->fish->rationOn($date));
    }
}
