<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;

/** What it costs that everybody is where a plan has them, and whose cost it is: what is shared is charged to all who share it. */
final readonly class AssignmentCost
{
    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @param  array<string, System>  $systems  by key
     */
    public function __construct(
        private Facility $facility,
        private Periods $periods,
        private Weights $weights,
        private PlacementAdapter $adapter,
        private array $lodgers,
        private array $systems,
    ) {
    }

    /**
     * @param  array<string, list<string>>  $paths  system by period, by fish
     * @return array<string, float> by fish, moves and openings left out
     */
    public function unease(array $paths): array
    {
        $unease = [];
        foreach ($paths as $key => $path) {
            $unease[$key] = 0.0;
            foreach ($path as $t => $system) {
                $unease[$key] += $this->adapter->ownStrain($this->lodgers[$key], $this->systems[$system])[$t] ?? 0.0;
            }
        }
        foreach ($this->residents($paths) as $system => $residents) {
            $this->addCompany($unease, $residents);
            $this->addCrowding($unease, $this->systems[$system], $residents);
        }

        return $unease;
    }

    /** @param  array<string, list<string>>  $paths */
    public function ofMovesAndOpenings(array $paths): float
    {
        $cost = 0.0;
        $used = [];
        foreach ($paths as $key => $path) {
            $before = $this->lodgers[$key]->home->key;
            foreach ($path as $system) {
                $cost += $system === $before ? 0.0 : $this->weights->move;
                $used[$system] = true;
                $before = $system;
            }
        }

        return $cost + array_sum(array_map(fn (string $system): float => $this->adapter->openingCost($this->systems[$system]), array_keys($used)));
    }

    /**
     * @param  array<string, list<string>>  $paths
     * @return array<string, array<string, list<int>>> by system and fish: the periods
     */
    private function residents(array $paths): array
    {
        $residents = [];
        foreach ($paths as $key => $path) {
            foreach ($path as $t => $system) {
                $residents[$system][$key][] = $t;
            }
        }

        return $residents;
    }

    /**
     * @param  array<string, float>  $unease
     * @param  array<string, list<int>>  $residents  periods by fish
     */
    private function addCompany(array &$unease, array $residents): void
    {
        $keys = array_keys($residents);
        foreach ($keys as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                $each = $this->adapter->together($this->lodgers[$one], $this->lodgers[$keys[$j]]);
                foreach (array_intersect($residents[$one], $residents[$keys[$j]]) as $t) {
                    $unease[$one] += $each[$t] * $this->periods->days($t) / 2;
                    $unease[$keys[$j]] += $each[$t] * $this->periods->days($t) / 2;
                }
            }
        }
    }

    /**
     * @param  array<string, float>  $unease
     * @param  array<string, list<int>>  $residents  periods by fish
     */
    private function addCrowding(array &$unease, System $system, array $residents): void
    {
        foreach (SharedLoad::cases() as $k => $load) {
            $room = max(1e-9, $load->in($system, $this->facility->rulebook));
            $carried = array_fill(0, $this->periods->count(), 0.0);
            foreach ($residents as $key => $periods) {
                foreach ($periods as $t) {
                    $carried[$t] += $this->adapter->loadsOf($this->lodgers[$key])[$k][$t];
                }
            }
            foreach ($residents as $key => $periods) {
                foreach ($periods as $t) {
                    $over = $carried[$t] / $room - $this->periods->days($t);
                    if ($over > 0.0) {
                        $unease[$key] += $load->costOfTooMuch() * $over * $this->adapter->loadsOf($this->lodgers[$key])[$k][$t] / $carried[$t];
                    }
                }
            }
        }
    }
}
