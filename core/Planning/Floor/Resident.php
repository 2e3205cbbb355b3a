<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Tenant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Water\Load\Eater;

/** A fish that lives in a system, as long as it will be. */
final readonly class Resident
{
    public function __construct(
        public Fish $fish,
        public LengthsAhead $ahead,
    ) {
    }

    public function bandOn(LocalDate $date): LengthBand
    {
        return $this->ahead->bandOn($date);
    }

    public function tenantOn(LocalDate $date): Tenant
    {
        return new Tenant($this->fish->name, $this->fish->species, $this->ahead->on($date), $this->fish->count, Shoal::of($this->fish)->largest, $this->fish->key);
    }

    public function eaterOn(LocalDate $date): Eater
    {
        return new Eater($this->fish->species, $this->ahead->on($date), $this->fish->count, $this->fish->rationOn($date));
    }
}
