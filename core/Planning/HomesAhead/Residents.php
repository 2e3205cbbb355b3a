<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Closure;

/** Who lives in a system on a day to come, as long as they are by then and as if nobody moved. */
final class Residents
{
    /** @var array<string, list<Occupant>> by system and day */
    private array $known = [];

    /** @param  Closure(System): list<array{Fish, Closure(LocalDate): ?Occupant}>  $of  the residents of a system, each as a occupant of any day, null when it is not there */
    public function __construct(private readonly Closure $of)
    {
    }

    /** With one more, who goes through this chain of homes. */
    public function and(Newcomer $newcomer): self
    {
        return new self(fn (System $system): array => [...($this->of)($system), ...$newcomer->staysIn($system)]);
    }

    /**
     * @param  Fish  $but  it is left out
     * @return list<Occupant>
     */
    public function in(System $system, LocalDate $date, Fish $but): array
    {
        $all = $this->known["{$system->key} {$date->toIso()}"] ??= array_values(array_filter(array_map(
            fn (array $resident): ?Occupant => $resident[1]($date),
            ($this->of)($system),
        )));

        return array_values(array_filter($all, fn (Occupant $occupant): bool => $occupant->fish !== $but->key));
    }
}
