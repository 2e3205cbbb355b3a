<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Placement\Conflict;
use Biomegas\Placement\Problem;
use Biomegas\Planning\HomesAhead\StayAhead;

/**
 * Turns a facility into placement problems: what the rules of housing say of a
 * fish by itself becomes strain, what all share becomes loads, what two say of
 * each other becomes conflicts. Fish that stay put are load and company of the
 * homes in which they are.
 */
final class PlacementAdapter
{
    /** @var array<string, list<float|null>> by fish and system */
    private array $strain = [];

    /** @var array<string, list<float>> by two fish */
    private array $together = [];

    /** @var array<string, list<list<float>>> by fish: by load and period */
    private array $loads = [];

    private readonly OwnStrain $own;

    private readonly PairTrial $pairs;

    /** @param  list<PlannedStay>  $fixed  who must be where, and when */
    public function __construct(
        private readonly Facility $facility,
        private readonly Periods $periods,
        private readonly Weights $weights,
        private readonly array $fixed = [],
    ) {
        $this->own = new OwnStrain($facility, $periods, $weights);
        $this->pairs = new PairTrial($facility, $periods);
    }

    /**
     * @param  list<Lodger>  $moving  for whom homes are sought
     * @param  list<Lodger>  $others  who stay on the paths that they have
     * @param  list<System>  $systems
     * @param  array<string, list<string>>  $paths  of the others, system by period, by fish
     */
    public function problem(array $moving, array $others, array $systems, array $paths): Problem
    {
        $guests = self::guests($others, $paths);
        $place = array_flip(array_map(fn (System $system): string => $system->key, $systems));

        return new Problem(
            $this->periods->count(),
            array_map(fn (Lodger $lodger): string => $lodger->fish->key, $moving),
            array_keys($place),
            array_map(fn (Lodger $lodger): array => $this->strainOf($lodger, $guests, $systems), $moving),
            array_map(fn (Lodger $lodger): int => $place[$lodger->home->key], $moving),
            array_fill(0, count($moving), $this->weights->move),
            array_fill(0, count($moving), $this->stayEnds()),
            array_map(fn (SharedLoad $load, int $k): array => array_map(fn (Lodger $lodger): array => $this->loadsOf($lodger)[$k], $moving), SharedLoad::cases(), array_keys(SharedLoad::cases())),
            array_map(fn (SharedLoad $load, int $k): array => $this->roomLeft($load, $k, $guests, $systems), SharedLoad::cases(), array_keys(SharedLoad::cases())),
            array_map(fn (SharedLoad $load): array => array_map(fn (System $system): float => $load->costOfTooMuch() / max(1e-9, $load->in($system, $this->facility->rulebook)), $systems), SharedLoad::cases()),
            array_map(fn (System $system): float => isset($guests[$system->key]) ? 0.0 : $this->openingCost($system), $systems),
            $this->conflicts($moving),
        );
    }

    /** @return list<list<float>> by load and period: what it asks for, times the days */
    public function loadsOf(Lodger $lodger): array
    {
        return $this->loads[$lodger->fish->key] ??= array_map(
            fn (SharedLoad $load): array => array_map(
                fn (int $t): float => $this->periods->days($t) * $load->of($lodger, $this->periods->end($t), $this->facility->rulebook),
                range(0, $this->periods->count() - 1),
            ),
            SharedLoad::cases(),
        );
    }

    /** @return list<float|null> by period: of its own, whoever else is there */
    public function ownStrain(Lodger $lodger, System $system): array
    {
        return $this->strain["{$lodger->fish->key} {$system->key}"] ??= $this->own->of($lodger, $system);
    }

    /** @return list<float> by period: for each day together */
    public function together(Lodger $one, Lodger $other): array
    {
        return $this->together["{$one->fish->key} {$other->fish->key}"]
            ??= $this->together["{$other->fish->key} {$one->fish->key}"]
            ??= $this->pairs->costs($one, $other);
    }

    /**
     * @param  list<Lodger>  $others
     * @param  array<string, list<string>>  $paths
     * @return array<string, list<array{Lodger, list<int>}>> by system: who is there, and in which periods
     */
    private static function guests(array $others, array $paths): array
    {
        $guests = [];
        foreach ($others as $lodger) {
            $periods = [];
            foreach ($paths[$lodger->fish->key] as $t => $system) {
                $periods[$system][] = $t;
            }
            foreach ($periods as $system => $there) {
                $guests[$system][] = [$lodger, $there];
            }
        }

        return $guests;
    }

    /**
     * By cell: its own, and what it costs to be with the others.
     *
     * @param  array<string, list<array{Lodger, list<int>}>>  $guests  by system
     * @param  list<System>  $systems
     * @return list<float|null>
     */
    private function strainOf(Lodger $lodger, array $guests, array $systems): array
    {
        $cells = [];
        foreach ($systems as $system) {
            $strain = $this->asFixed($lodger, $system, $this->ownStrain($lodger, $system));
            if (array_filter($strain, fn (?float $cost): bool => $cost !== null) !== []) {
                foreach ($guests[$system->key] ?? [] as [$resident, $periods]) {
                    $each = $this->together($lodger, $resident);
                    foreach ($periods as $t) {
                        $strain[$t] = $strain[$t] === null ? null : $strain[$t] + $each[$t] * $this->periods->days($t);
                    }
                }
            }
            $cells[] = $strain;
        }

        return array_merge(...$cells);
    }

    /**
     * @param  list<float|null>  $strain  by period
     * @return list<float|null>
     */
    private function asFixed(Lodger $lodger, System $system, array $strain): array
    {
        foreach ($this->fixed as $stay) {
            if ($stay->fish === $lodger->fish->key) {
                foreach ($strain as $t => $cost) {
                    if ($stay->covers($this->periods->start($t))) {
                        $strain[$t] = $stay->system === $system->key ? $cost ?? Weights::DANGER * $this->periods->days($t) : null;
                    }
                }
            }
        }

        return $strain;
    }

    /** @return list<int> by period in which it moves in */
    private function stayEnds(): array
    {
        return array_map(
            fn (int $t): int => max($t + 1, $this->periods->firstFrom($this->periods->start($t)->plusDays(StayAhead::SHORTEST_DAYS))),
            range(0, $this->periods->count() - 1),
        );
    }

    /**
     * @param  array<string, list<array{Lodger, list<int>}>>  $guests  by system
     * @param  list<System>  $systems
     * @return list<float> by cell
     */
    private function roomLeft(SharedLoad $load, int $k, array $guests, array $systems): array
    {
        $cells = [];
        foreach ($systems as $system) {
            $room = $load->in($system, $this->facility->rulebook);
            $left = array_map(fn (int $t): float => $room * $this->periods->days($t), range(0, $this->periods->count() - 1));
            foreach ($guests[$system->key] ?? [] as [$resident, $periods]) {
                foreach ($periods as $t) {
                    $left[$t] -= $this->loadsOf($resident)[$k][$t];
                }
            }
            $cells[] = array_map(fn (float $room): float => max(0.0, $room), $left);
        }

        return array_merge(...$cells);
    }

    public function openingCost(System $system): float
    {
        return $system->opening === null ? 0.0 : $this->weights->opening + $this->weights->money * $system->opening->price;
    }

    /**
     * @param  list<Lodger>  $moving
     * @return list<Conflict>
     */
    private function conflicts(array $moving): array
    {
        $conflicts = [];
        foreach ($moving as $u => $one) {
            for ($v = 0; $v < $u; $v++) {
                array_push($conflicts, ...$this->conflictsOf($v, $u, $this->together($moving[$v], $one)));
            }
        }

        return $conflicts;
    }

    /**
     * @param  list<float>  $each  for each day together, by period
     * @return list<Conflict> one for each run of periods of one cost
     */
    private function conflictsOf(int $one, int $other, array $each): array
    {
        $conflicts = [];
        $costs = array_map(fn (float $cost, int $t): float => $cost * $this->periods->days($t), $each, array_keys($each));
        for ($from = 0; $from < count($costs); $from = $to + 1) {
            $to = $from;
            while (($costs[$to + 1] ?? null) === $costs[$from]) {
                $to++;
            }
            if ($costs[$from] > 0.0) {
                $conflicts[] = new Conflict($one, $other, $from, $to, $costs[$from]);
            }
        }

        return $conflicts;
    }
}
