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
            if ($this->strainAtHome($lodger) >= $this->weights->move) {
                $restless[$key] = true;
            } else {
                $homes[$lodger->home->key][] = $lodger;
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
     * Of those who are too many the largest go first, of two in conflict the one that is in conflict with most.
     *
     * @param  list<Lodger>  $residents  without those who go for their own sake
     * @return array<string, true>
     */
    private function ofHome(System $home, array $residents): array
    {
        $going = $this->inConflict($residents);
        foreach (SharedLoad::cases() as $k => $load) {
            $left = array_values(array_filter($residents, fn (Lodger $lodger): bool => ! isset($going[$lodger->fish->key])));
            usort($left, fn (Lodger $a, Lodger $b): int => array_sum($this->adapter->loadsOf($b)[$k]) <=> array_sum($this->adapter->loadsOf($a)[$k]));
            while ($left !== [] && $this->costOfTooMany($home, $left, $k) >= $this->weights->move) {
                $going[array_shift($left)->fish->key] = true;
            }
        }

        return $going;
    }

    /**
     * @param  list<Lodger>  $residents
     * @return array<string, true>
     */
    private function inConflict(array $residents): array
    {
        $with = [];
        foreach ($residents as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                $each = $this->adapter->together($one, $residents[$j]);
                if (array_sum(array_map(fn (float $cost, int $t): float => $cost * $this->periods->days($t), $each, array_keys($each))) >= $this->weights->move) {
                    $with[$one->fish->key][$residents[$j]->fish->key] = $with[$residents[$j]->fish->key][$one->fish->key] = true;
                }
            }
        }
        $going = [];
        while ($with !== []) {
            uasort($with, fn (array $a, array $b): int => count($b) <=> count($a));
            $most = array_key_first($with);
            $going[$most] = true;
            unset($with[$most]);
            $with = array_filter(array_map(fn (array $others): array => array_diff_key($others, [$most => true]), $with));
        }

        return $going;
    }

    /** @param  list<Lodger>  $residents */
    private function costOfTooMany(System $home, array $residents, int $k): float
    {
        $load = SharedLoad::cases()[$k];
        $room = max(1e-9, $load->in($home, $this->facility->rulebook));
        $cost = 0.0;
        for ($t = 0; $t < $this->periods->count(); $t++) {
            $there = array_sum(array_map(fn (Lodger $lodger): float => $this->adapter->loadsOf($lodger)[$k][$t], $residents));
            $cost += $load->costOfTooMuch() * max(0.0, $there / $room - $this->periods->days($t));
        }

        return $cost;
    }
}
