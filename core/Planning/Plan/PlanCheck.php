<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Planning\HomesAhead\HomeTrial;
use Biomegas\Planning\HomesAhead\Resident;
use Biomegas\Planning\HomesAhead\Residents;

/** Holds a plan against the judge, day by day: what it breaks is named. */
final class PlanCheck
{
    /** Between two looks; what begins or ends between them is found to the day. */
    private const STEP_DAYS = 14;

    private readonly Residents $residents;

    /**
     * @param  array<string, Itinerary>  $itineraries  of all fish, by key
     * @param  LocalDate  $horizon  the day after the last that is looked at
     */
    public function __construct(
        private readonly array $itineraries,
        private readonly LocalDate $horizon,
    ) {
        $this->residents = new Residents(fn (System $system): array => array_map(
            fn (Itinerary $itinerary): Resident => new Resident(
                $itinerary->lodger->fish,
                $itinerary->occupantOn(...),
                fn (LocalDate $date): bool => $itinerary->stayOn($date)[0]->key === $system->key,
            ),
            array_values(array_filter($this->itineraries, fn (Itinerary $itinerary): bool => $itinerary->passesThrough($system->key))),
        ));
    }

    public function trialOf(Fish $fish): HomeTrial
    {
        return $this->itineraries[$fish->key]->lodger->trialAmong($this->residents);
    }

    /** @return list<Breach> by day */
    public function breaches(): array
    {
        $breaches = array_merge([], ...array_values(array_map(fn (Itinerary $itinerary): array => $this->breachesOf($itinerary), $this->itineraries)));
        usort($breaches, fn (Breach $a, Breach $b): int => $b->from->daysUntil($a->from));

        return $breaches;
    }

    /** @return list<Breach> of all who are ever in this system, while they are */
    public function breachesIn(string $system): array
    {
        return array_merge([], ...array_values(array_map(fn (Itinerary $itinerary): array => $this->breachesOf($itinerary, $system), $this->itineraries)));
    }

    /** @return list<Breach> */
    private function breachesOf(Itinerary $itinerary, ?string $only = null): array
    {
        $trial = $this->trialOf($itinerary->lodger->fish);
        $breaches = [];
        foreach ($itinerary->stays as $i => [$system, $from, $clock]) {
            if ($only !== null && $only !== $system->key) {
                continue;
            }
            $until = $itinerary->stays[$i + 1][1] ?? $this->horizon;
            array_push($breaches, ...$this->inOneHome($itinerary->lodger->fish, $trial, $system, $clock, $from, $until));
        }

        return $breaches;
    }

    /** @return list<Breach> */
    private function inOneHome(Fish $fish, HomeTrial $trial, System $system, StayClock $clock, LocalDate $from, LocalDate $until): array
    {
        $verdictOn = fn (LocalDate $date): ?Verdict => $trial->objectionOn($system, $clock, $date);
        $breaches = [];
        $begun = null;
        for ($day = $from; $day->isBefore($until); $day = $next) {
            $verdict = $verdictOn($day);
            if ($verdict !== null && $begun === null) {
                $begun = [$day->equals($from) ? $day : self::firstAgainst($day->plusDays(-self::STEP_DAYS), $day, $verdictOn), $verdict];
            } elseif ($verdict === null && $begun !== null) {
                $breaches[] = new Breach($fish, $system, $begun[0], $day, $begun[1]);
                $begun = null;
            }
            $next = $day->plusDays(self::STEP_DAYS);
        }
        if ($begun !== null) {
            $breaches[] = new Breach($fish, $system, $begun[0], $until, $begun[1]);
        }

        return $breaches;
    }

    /** @param  callable(LocalDate): ?Verdict  $verdictOn */
    private static function firstAgainst(LocalDate $good, LocalDate $bad, callable $verdictOn): LocalDate
    {
        while ($good->daysUntil($bad) > 1) {
            $middle = $good->plusDays(intdiv($good->daysUntil($bad), 2));
            [$good, $bad] = $verdictOn($middle) === null ? [$middle, $bad] : [$good, $middle];
        }

        return $bad;
    }
}
