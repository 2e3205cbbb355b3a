<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Closure;

/** One who comes today and goes through a chain of homes: to others it is a resident of each in turn. */
final readonly class Newcomer
{
    /** @param  Closure(LocalDate): float  $likely  its length, millimetres */
    public function __construct(
        private Fish $fish,
        private HomesAhead $chain,
        private Closure $likely,
    ) {
    }

    /** @return list<Resident> */
    public function staysIn(System $system): array
    {
        $stays = array_values(array_filter($this->chain->stays, fn (StayAhead $stay): bool => $stay->system->key === $system->key));

        return array_map(fn (StayAhead $stay): Resident => new Resident(
            $this->fish,
            fn (LocalDate $date): Occupant => Shoal::of($this->fish)->occupant(($this->likely)($date))->onlyThoughtOf(),
            fn (LocalDate $date): bool => ! $date->isBefore($stay->from) && ($stay->move === null || $date->isBefore($stay->move)),
        ), $stays);
    }
}
