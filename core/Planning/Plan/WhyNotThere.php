<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;

/** What the judge says if one fish went to another home on a day, everybody else as planned. */
final readonly class WhyNotThere
{
    public function __construct(
        private Rulebook $rulebook,
        /** @var array<string, Itinerary> of all fish, by key */
        private array $itineraries,
        private PlanCheck $check,
    ) {
    }

    /** @return non-empty-list<Finding> what stands against it, and what would change that; or until when it would do */
    public function of(string $fish, System $system, LocalDate $day): array
    {
        $itinerary = $this->itineraries[$fish];
        [$home, , $clock] = $itinerary->stayOn($day);
        if ($home->key === $system->key) {
            return [Finding::of('plan.why.there', fish: $itinerary->lodger->fish->name, system: $system->name)];
        }
        $trial = $this->check->trialOf($itinerary->lodger->fish);
        $moved = $clock->movingOn($day, $itinerary->lodger->growth->leading()->aheadIn($system));
        $against = $trial->obstacle($system, $moved, $day);
        if ($against !== null) {
            return $against->withChange();
        }
        $others = $this->refusedByComing($itinerary, $system, $day);
        if ($others !== []) {
            return $others;
        }
        $stay = $trial->planned($system, $moved, $day);

        return $stay->leave === null || $stay->because === null
            ? [Finding::of('plan.why.holds', fish: $itinerary->lodger->fish->name, system: $system->name)]
            : [Finding::of('plan.why.until', fish: $itinerary->lodger->fish->name, system: $system->name, until: $stay->leave), $stay->because->finding];
    }

    /** @return list<Finding> one for each resident that could stay no longer */
    private function refusedByComing(Itinerary $comer, System $system, LocalDate $day): array
    {
        $there = array_filter($this->itineraries, fn (Itinerary $one): bool => $one !== $comer && $one->stayOn($day)[0]->key === $system->key);
        $occupants = array_map(fn (Itinerary $one): Occupant => $one->occupantOn($day), $there);
        $refused = [];
        foreach ($occupants as $key => $occupant) {
            $others = [$comer->occupantOn($day), ...array_values(array_diff_key($occupants, [$key => true]))];
            $verdict = Judgement::obstacleIn(new HousingCase($occupant, $system, $others, $this->rulebook, livesThere: true));
            if ($verdict !== null) {
                $refused[] = $verdict->finding;
            }
        }

        return array_values(array_unique($refused, SORT_REGULAR));
    }
}
