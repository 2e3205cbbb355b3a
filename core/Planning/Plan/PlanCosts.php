<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\RunningCost;
use Biomegas\Cost\SystemUpkeep;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Water\Load\FedOccupant;

/** What a plan costs month by month: food as the fish grow, fresh water, power, and homes to open on the day they must be begun. */
final readonly class PlanCosts
{
    /**
     * @param  array<string, Itinerary>  $itineraries  by fish
     * @param  array<string, System>  $systems  by key
     * @param  list<PlanOpening>  $openings
     * @return list<CostMonth>
     */
    public static function of(Facility $facility, array $itineraries, array $systems, array $openings, LocalDate $horizon): array
    {
        $months = [];
        for ($from = $facility->date; $from->isBefore($horizon); $from = $next) {
            $next = self::firstOfNextMonth($from);
            $next = $next->isAfter($horizon) ? $horizon : $next;
            $days = $from->daysUntil($next);
            $begun = array_filter($openings, function (PlanOpening $opening) use ($facility, $from, $next): bool {
                $begin = LocalDate::later($opening->latestStart, $facility->date);

                return ! $begin->isBefore($from) && $begin->isBefore($next);
            });
            $months[] = new CostMonth(
                $from, $days, self::perDay($facility, $itineraries, $systems, $from->plusDays(intdiv($days, 2)))->times($days),
                array_sum(array_map(fn (PlanOpening $opening): float => $opening->price, $begun)),
            );
        }

        return $months;
    }

    /**
     * Of the homes in which somebody lives.
     *
     * @param  array<string, Itinerary>  $itineraries
     * @param  array<string, System>  $systems
     */
    private static function perDay(Facility $facility, array $itineraries, array $systems, LocalDate $day): RunningCost
    {
        $fed = [];
        foreach ($itineraries as $itinerary) {
            $fish = $itinerary->lodger->fish;
            $fed[$itinerary->stayOn($day)[0]->key][] = new FedOccupant($fish->species, $itinerary->bandOn($day)->likely, $fish->count, $fish->rationOn($day));
        }
        $cost = new RunningCost;
        foreach ($fed as $system => $occupants) {
            $cost = $cost->plus(SystemUpkeep::perDay($systems[$system], $occupants, $day, $facility->rulebook->holdingFor($system)));
        }

        return $cost;
    }

    private static function firstOfNextMonth(LocalDate $day): LocalDate
    {
        [$year, $month] = array_map(intval(...), explode('-', $day->toIso()));

        return LocalDate::fromIso(sprintf('%04d-%02d-01', $month === 12 ? $year + 1 : $year, $month % 12 + 1));
    }
}
