<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Planning\HomesAhead\HomeTrial;
use Biomegas\Planning\HomesAhead\Residents;

/** What a keeper does without a plan: each fish goes, when it must, to the smallest home that takes it that week. No plan may break rules for longer than this. */
final class WeekByWeek
{
    private const WEEK = 7;

    /** @var array<string, array{System, StayClock}> by fish: where it is, and its clock there */
    private array $where = [];

    /** @var list<DecidedMove> */
    private array $moves = [];

    /** @param  array<string, Lodger>  $lodgers  by fish */
    private function __construct(private readonly Facility $facility, private readonly array $lodgers)
    {
        foreach ($lodgers as $key => $lodger) {
            $this->where[$key] = [$lodger->home, $lodger->clockIn($lodger->home)];
        }
    }

    /** @param  array<string, Lodger>  $lodgers  by fish */
    public static function decide(Facility $facility, array $lodgers, int $days): Decision
    {
        $rule = new self($facility, $lodgers);
        for ($day = 0; $day < $days; $day += self::WEEK) {
            $rule->passWeek($facility->date->plusDays($day));
        }

        return new Decision($rule->moves, [], $facility->date->plusDays($days));
    }

    private function passWeek(LocalDate $day): void
    {
        $systems = $this->facility->systems;
        uasort($systems, fn (System $a, System $b): int => $a->floorArea() <=> $b->floorArea());
        foreach ($this->lodgers as $key => $lodger) {
            [$home, $clock] = $this->where[$key];
            $trial = $this->trialOf($lodger);
            if ($trial->objectionOn($home, $clock, $day->plusDays(self::WEEK)) === null) {
                continue;
            }
            foreach ($systems as $system) {
                if ($system->key === $home->key || $system->isForQuarantine() || ! $system->isAvailableOn($day)) {
                    continue;
                }
                $moved = $clock->movingOn($day, $lodger->growth->leading()->aheadIn($system));
                $outgrown = $trial->outgrown($system, $moved);
                if ($trial->obstacle($system, $moved, $day) === null && ($outgrown === null || $outgrown->isAfter($day->plusDays(self::WEEK)))) {
                    $this->moves[] = new DecidedMove($key, $home->key, $system->key, $day);
                    $this->where[$key] = [$system, $moved];
                    break;
                }
            }
        }
    }

    private function trialOf(Lodger $lodger): HomeTrial
    {
        return $lodger->trialAmong(new Residents(fn (System $system): array => array_values(array_map(
            fn (Lodger $other): array => [$other->fish, fn (LocalDate $date) => $other->occupantOn($date)],
            array_filter($this->lodgers, fn (Lodger $other): bool => $this->where[$other->fish->key][0]->key === $system->key),
        ))));
    }
}
