<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;

/** Who touches a limit or a conflict where it lives, and so may have to move; everybody else stays put. */
final readonly class Restless
{
    public function __construct(
        private Facility $facility,
        private Periods $periods,
        private Weights $weights,
        private PlacementAdapter $adapter,
    ) {
    }

    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @return array<string, true> keys of fish
     */
    public function among(array $lodgers): array
    {
        $restless = [];
        $homes = [];
        foreach ($lodgers as $key => $lodger) {
            $homes[$lodger->home->key][] = $lodger;
            if ($this->strainAtHome($lodger) >= $this->weights->move) {
                $restless[$key] = true;
            }
        }
        foreach ($homes as $residents) {
            $restless += $this->ofHome($residents[0]->home, $residents);
        }

        return $restless;
    }

    private function strainAtHome(Lodger $lodger): float
    {
        return array_sum($this->adapter->ownStrain($lodger, $lodger->home));
    }

    /**
     * @param  non-empty-list<Lodger>  $residents
     * @return array<string, true>
     */
    private function ofHome(System $home, array $residents): array
    {
        if ($this->costOfTooMany($home, $residents) >= $this->weights->move) {
            return array_fill_keys(array_map(fn (Lodger $lodger): string => $lodger->fish->key, $residents), true);
        }
        $restless = [];
        foreach ($residents as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                $cost = array_sum(array_map(fn (float $each, int $t): float => $each * $this->periods->days($t), $each = $this->adapter->together($one, $residents[$j]), array_keys($each)));
                if ($cost >= $this->weights->move) {
                    $restless[$one->fish->key] = $restless[$residents[$j]->fish->key] = true;
                }
            }
        }

        return $restless;
    }

    /** @param  list<Lodger>  $residents */
    private function costOfTooMany(System $home, array $residents): float
    {
        $cost = 0.0;
        foreach (SharedLoad::cases() as $k => $load) {
            $room = $load->in($home, $this->facility->rulebook);
            for ($t = 0; $t < $this->periods->count(); $t++) {
                $there = array_sum(array_map(fn (Lodger $lodger): float => $this->adapter->loadsOf($lodger)[$k][$t], $residents));
                $cost += $load->costOfTooMuch() * max(0.0, $there / max(1e-9, $room) - $this->periods->days($t));
            }
        }

        return $cost;
    }
}
