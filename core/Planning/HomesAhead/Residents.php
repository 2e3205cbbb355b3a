<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Closure;

/** Who lives in a system on a day to come, as long as they are by then and where moves that are planned take them. */
final class Residents
{
    /** @var array<string, list<Resident>> by system */
    private array $ever = [];

    /** @var array<string, list<Occupant>> by system and day */
    private array $known = [];

    /** @param  Closure(System): list<Resident>  $of  who is ever in a system */
    public function __construct(private readonly Closure $of)
    {
    }

    /** @param  Closure(Fish): LengthsAhead  $lengthsOf */
    public static function of(Whereabouts $whereabouts, Closure $lengthsOf): self
    {
        return new self(fn (System $system): array => array_map(function (Fish $fish) use ($whereabouts, $lengthsOf, $system): Resident {
            $shoal = Shoal::of($fish);

            return new Resident(
                $fish,
                fn (LocalDate $date): Occupant => $shoal->occupant($lengthsOf($fish)->on($date), $whereabouts->countIn($fish, $system, $date)),
                fn (LocalDate $date): bool => $whereabouts->countIn($fish, $system, $date) > 0,
            );
        }, $whereabouts->everIn($system)));
    }

    /** With one more, who goes through this chain of homes. */
    public function and(Newcomer $newcomer): self
    {
        return new self(fn (System $system): array => [...($this->of)($system), ...$newcomer->staysIn($system)]);
    }

    /** Somebody lives elsewhere from now on. */
    public function forget(): void
    {
        $this->ever = $this->known = [];
    }

    /** @return list<Occupant> */
    public function on(System $system, LocalDate $date): array
    {
        return $this->known["{$system->key} {$date->toIso()}"] ??= array_values(array_filter(array_map(
            fn (Resident $resident): ?Occupant => $resident->occupantOn($date),
            $this->everIn($system),
        )));
    }

    /** Nobody else is there on that day. */
    public function isEmpty(System $system, LocalDate $date, Fish $but): bool
    {
        foreach ($this->everIn($system) as $resident) {
            if ($resident->fish->key !== $but->key && $resident->isThereOn($date)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Resident> */
    private function everIn(System $system): array
    {
        return $this->ever[$system->key] ??= ($this->of)($system);
    }

    /**
     * @param  Fish  $but  it is left out
     * @return list<Occupant>
     */
    public function in(System $system, LocalDate $date, Fish $but): array
    {
        return array_values(array_filter($this->on($system, $date), fn (Occupant $occupant): bool => $occupant->fish !== $but->key));
    }
}
