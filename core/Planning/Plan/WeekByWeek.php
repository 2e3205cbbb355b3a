<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Planning\HomesAhead\HomeTrial;
use Biomegas\Planning\HomesAhead\Resident;
use Biomegas\Planning\HomesAhead\Residents;

/** What a keeper does without a plan: each fish goes, when it must, to the smallest home that takes it that week. No plan may break rules for longer than this. */
final class WeekByWeek
{
    /** @var array<string, array{System, StayClock}> by fish: where it is, and its clock there */
    private array $where = [];

    /** @var list<DecidedMove> */
    private array $moves = [];

    /** As they live until the next one goes. */
    private readonly Residents $residents;

    /** @var array<string, HomeTrial> by fish */
    private array $trials = [];

    /** @var array<string, System> the smallest first */
    private readonly array $systems;

    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @param  list<PlannedStay>  $fixed  who must be where, and when
     */
    private function __construct(private readonly Facility $facility, private readonly array $lodgers, private readonly array $fixed)
    {
        foreach ($lodgers as $key => $lodger) {
            $this->where[$key] = [$lodger->home, $lodger->clockIn($lodger->home)];
        }
        $this->residents = new Residents(fn (System $system): array => array_values(array_map(
            fn (Lodger $lodger): Resident => new Resident($lodger->fish, $lodger->occupantOn(...)),
            array_filter($this->lodgers, fn (Lodger $lodger): bool => $this->where[$lodger->fish->key][0]->key === $system->key),
        )));
        $systems = $facility->systems;
        uasort($systems, fn (System $a, System $b): int => $a->floorArea() <=> $b->floorArea());
        $this->systems = $systems;
    }

    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @param  list<PlannedStay>  $fixed  who must be where, and when
     */
    public static function decide(Facility $facility, array $lodgers, int $days, array $fixed = []): Decision
    {
        $rule = new self($facility, $lodgers, $fixed);
        for ($day = 0; $day < $days; $day += LocalDate::DAYS_PER_WEEK) {
            $rule->passWeek($facility->date->plusDays($day));
        }

        return new Decision($rule->moves, [], $facility->date->plusDays($days));
    }

    private function passWeek(LocalDate $day): void
    {
        $this->residents->forget();
        foreach ($this->lodgers as $key => $lodger) {
            [$home, $clock] = $this->where[$key];
            $fixed = $this->fixedHome($key, $day);
            if ($fixed !== null) {
                $this->go($lodger, $fixed, $day);

                continue;
            }
            $trial = $this->trialOf($lodger);
            if ($trial->objectionOn($home, $clock, $day->plusDays(LocalDate::DAYS_PER_WEEK)) === null) {
                continue;
            }
            foreach ($this->systems as $system) {
                if ($system->key === $home->key || $system->isForQuarantine() || ! $system->isAvailableOn($day)) {
                    continue;
                }
                $moved = $clock->movingOn($day, $lodger->growth->leading()->aheadIn($system));
                $outgrown = $trial->outgrown($system, $moved);
                if ($trial->obstacle($system, $moved, $day) === null && ($outgrown === null || $outgrown->isAfter($day->plusDays(LocalDate::DAYS_PER_WEEK)))) {
                    $this->go($lodger, $system, $day);
                    break;
                }
            }
        }
    }

    private function fixedHome(string $fish, LocalDate $day): ?System
    {
        foreach ($this->fixed as $stay) {
            if ($stay->fish === $fish && $stay->covers($day) && isset($this->facility->systems[$stay->system])) {
                return $this->facility->systems[$stay->system];
            }
        }

        return null;
    }

    private function go(Lodger $lodger, System $to, LocalDate $day): void
    {
        [$from, $clock] = $this->where[$lodger->fish->key];
        if ($from->key !== $to->key) {
            $this->moves[] = new DecidedMove($lodger->fish->key, $from->key, $to->key, $day);
            $this->where[$lodger->fish->key] = [$to, $clock->movingOn($day, $lodger->growth->leading()->aheadIn($to))];
            $this->residents->forget();
        }
    }

    private function trialOf(Lodger $lodger): HomeTrial
    {
        return $this->trials[$lodger->fish->key] ??= $lodger->trialAmong($this->residents);
    }
}
