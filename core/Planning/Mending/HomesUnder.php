<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\Itineraries;
use Biomegas\Planning\Plan\Itinerary;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\PlanCheck;
use Biomegas\Planning\Supposing\Supposition;

/** The homes of a plan, as they are and as they would be if something were otherwise: held against the judge one at a time. */
final readonly class HomesUnder
{
    /** @var array<string, Itinerary> by fish */
    public array $itineraries;

    /** @param  array<string, Lodger>  $lodgers  by fish */
    public function __construct(
        public Facility $facility,
        private array $lodgers,
        private Decision $decision,
    ) {
        $this->itineraries = Itineraries::of($lodgers, $decision->moves, $this->systems($facility), $facility->date);
    }

    /** @return list<Breach> in this home, if it were so */
    public function breachesIn(string $system, Supposition $supposed): array
    {
        $facility = $supposed->applyTo($this->facility);
        $itineraries = [];
        foreach (array_intersect_key($this->itineraries, $facility->fish) as $key => $itinerary) {
            $itineraries[$key] = $itinerary->passesThrough($system) ? $this->again($facility, $facility->fish[$key], $itinerary) : $itinerary;
        }

        return (new PlanCheck($itineraries, $this->decision->horizon))->breachesIn($system);
    }

    /** @return list<Breach> if this fish were never there */
    public function breachesWithout(string $system, string $fish): array
    {
        return (new PlanCheck(array_diff_key($this->itineraries, [$fish => true]), $this->decision->horizon))->breachesIn($system);
    }

    /** @return list<Breach> on both sides of a divider, behind which one fish is kept apart on the right */
    public function breachesBehind(System $system, float $at, string $fish): array
    {
        [$left, $right] = $system->parted($at);
        $itineraries = array_map(fn (Itinerary $itinerary): Itinerary => match (true) {
            ! $itinerary->passesThrough($system->key) => $itinerary,
            $itinerary->lodger->fish->key === $fish => $itinerary->inPlaceOf($system->key, $right),
            default => $itinerary->inPlaceOf($system->key, $left),
        }, $this->itineraries);
        $check = new PlanCheck($itineraries, $this->decision->horizon);

        return [...$check->breachesIn($left->key), ...$check->breachesIn($right->key)];
    }

    private function again(Facility $facility, Fish $fish, Itinerary $itinerary): Itinerary
    {
        $old = $this->lodgers[$fish->key];
        $own = array_values(array_filter($this->decision->moves, fn (DecidedMove $move): bool => $move->fish === $fish->key));

        return Itineraries::of([$fish->key => new Lodger($facility, $fish, $old->growth, $old->ahead)], $own, $this->systems($facility), $facility->date)[$fish->key];
    }

    /** @return array<string, System> by key */
    private function systems(Facility $facility): array
    {
        return [...$facility->systems, ...array_column($this->decision->built, null, 'key')];
    }
}
