<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;

/** Where the fish of a facility live from today on: where they are, and where moves that are planned take them. */
final readonly class Whereabouts
{
    /** @var array<string, list<PlannedMove>> by fish, by date */
    private array $planned;

    /** @var array<string, list<Fish>> who live there, or are to come, by system */
    private array $everIn;

    /** @param  list<PlannedMove>  $planned  in any order */
    public function __construct(private Facility $facility, array $planned)
    {
        usort($planned, fn (PlannedMove $a, PlannedMove $b): int => $b->on->daysUntil($a->on));
        $byFish = [];
        foreach ($planned as $move) {
            $byFish[$move->fish][] = $move;
        }
        $this->planned = $byFish;
        $everIn = [];
        foreach ($facility->fish as $fish) {
            foreach (array_unique([$fish->currentSystem(), ...array_map(fn (PlannedMove $move): string => $move->to, $byFish[$fish->key] ?? [])]) as $system) {
                $everIn[$system][] = $fish;
            }
        }
        $this->everIn = $everIn;
    }

    /** @return list<Fish> who live there, or are to come */
    public function everIn(System $system): array
    {
        return $this->everIn[$system->key] ?? [];
    }

    /** How many of it are in the system on that day, or have their place kept there. */
    public function countIn(Fish $fish, System $system, LocalDate $date): int
    {
        $there = [$fish->currentSystem() => $fish->count];
        $kept = 0;
        foreach ($this->planned[$fish->key] ?? [] as $move) {
            $going = min($move->count ?? $fish->count, $there[$move->from] ?? 0);
            if (! $this->dayOf($move)->isAfter($date)) {
                $there[$move->from] = ($there[$move->from] ?? 0) - $going;
                $there[$move->to] = ($there[$move->to] ?? 0) + $going;
            } elseif ($move->isReturn && $move->to === $system->key) {
                $kept += $going;
            }
        }

        return ($there[$system->key] ?? 0) + $kept;
    }

    /** @return list<PlannedMove> of the whole fish or shoal, by date, each from where the one before took it: a sheet that was overtaken moves nobody */
    public function settledFor(Fish $fish): array
    {
        $home = $fish->currentSystem();
        $settled = [];
        foreach ($this->planned[$fish->key] ?? [] as $move) {
            if ($move->from === $home && ($move->count === null || $move->count >= $fish->count)) {
                $settled[] = $move;
                $home = $move->to;
            }
        }

        return $settled;
    }

    /** One that is late is made today. */
    public function dayOf(PlannedMove $move): LocalDate
    {
        return LocalDate::later($move->on, $this->facility->date);
    }
}
