<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Floor\FloorUse;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/** A plan along time: every home a lane, every fish a band that grows in it and crosses to the next. */
final readonly class Lanes
{
    private const STEP_DAYS = 28;

    public function __construct(
        /** @var array<string, System> in walking order, homes to build at the end */
        public array $systems,
        /** @var list<LaneStay> by fish and day */
        public array $stays,
        /** @var array<string, non-empty-list<LaneFill>> by system, by day */
        public array $fills,
        /** @var array<string, list<array{LocalDate, LocalDate}>> by system: when it is too cold for those who live indoors */
        public array $cold,
    ) {
    }

    /**
     * @param  array<string, Itinerary>  $itineraries  by fish
     * @param  array<string, System>  $systems  by key
     */
    public static function of(Facility $facility, array $itineraries, array $systems, LocalDate $horizon): self
    {
        $days = self::days($facility->date, $horizon);
        $season = ColdSeason::for($facility);

        return new self(
            $systems,
            array_merge([], ...array_values(array_map(fn (Itinerary $itinerary): array => self::staysOf($facility, $itinerary, $horizon), $itineraries))),
            array_map(fn (System $system): array => array_map(fn (LocalDate $day): LaneFill => self::fill($facility, $system, $itineraries, $day), $days), $systems),
            array_map(fn (System $system): array => $season->in($system, $facility->date, $horizon), $systems),
        );
    }

    /** @return list<LaneStay> */
    private static function staysOf(Facility $facility, Itinerary $itinerary, LocalDate $horizon): array
    {
        $fish = $itinerary->lodger->fish;
        $limits = new HomeLimits($facility->rulebook);
        $stays = [];
        foreach ($itinerary->stays as $i => [$system, $from]) {
            $until = $itinerary->stays[$i + 1][1] ?? null;
            $limit = $limits->limitIn($system, $fish->species, $fish)->millimetres;
            $stays[] = LaneStay::of($fish, $system->key, $from, $until, array_map(function (LocalDate $day) use ($itinerary, $fish, $limit, $until): LanePoint {
                // On the day of a move it is as long here as it comes there.
                $band = $itinerary->bandOn($until !== null && $day->equals($until) ? $day->plusDays(-1) : $day);
                $largest = Shoal::of($fish)->largestAt($band->likely) / $limit;

                return new LanePoint($day, $band->low * $largest, $band->likely * $largest, $band->high * $largest, $band->likely);
            }, self::days($from, $until ?? $horizon)));
        }

        return $stays;
    }

    /** @return non-empty-list<LocalDate> the first and the last, and those between */
    private static function days(LocalDate $from, LocalDate $until): array
    {
        $days = [$from];
        for ($day = $from->plusDays(self::STEP_DAYS); $day->isBefore($until); $day = $day->plusDays(self::STEP_DAYS)) {
            $days[] = $day;
        }

        return $from->isBefore($until) ? [...$days, $until] : $days;
    }

    /** @param  array<string, Itinerary>  $itineraries */
    private static function fill(Facility $facility, System $system, array $itineraries, LocalDate $day): LaneFill
    {
        $rulebook = $facility->rulebook->holdingFor($system->key);
        $occupants = $fed = [];
        foreach ($itineraries as $itinerary) {
            if ($itinerary->stayOn($day)[0]->key === $system->key) {
                $occupants[] = $occupant = $itinerary->occupantOn($day);
                $fed[] = new FedOccupant($occupant->species, $occupant->length, $occupant->count, $rulebook->ration());
            }
        }
        $load = SystemLoad::of($system, $fed, $system->temperature?->warmest(), $rulebook);

        return new LaneFill(
            $day,
            $occupants === [] ? 0.0 : FloorUse::of($rulebook, $system, $occupants)->fullest(),
            $load->leastWeeklyChange($rulebook->number(RuleParameter::NitrateYield)) / $load->mostChange,
            $load->filterShare(),
        );
    }
}
