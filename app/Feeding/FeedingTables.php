<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Food\FeedingTable;
use Biomegas\Water\Load\FedOccupant;

/** Who is fed what, home by home. */
final readonly class FeedingTables
{
    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** @return list<FeedingTable> in walking order */
    public function all(): array
    {
        return array_merge(...array_map($this->of(...), array_values($this->kept->facility->systems)));
    }

    /** @return list<FeedingTable> all together first, then those that are fed by themselves */
    public function of(System $system): array
    {
        $together = $alone = [];
        foreach ($this->kept->facility->residentsOf($system) as $fish) {
            $plan = $this->kept->plans->ofFish(Keys::id($fish->key));
            if ($plan === null) {
                $together[] = $fish;
            } else {
                $alone[] = new FeedingTable($system, [$fish], true, $plan, $this->ration($system, [$fish], $this->kept->facility->date));
            }
        }

        return [
            ...($together === [] ? [] : [new FeedingTable($system, $together, false, $this->kept->plans->ofSystem(Keys::id($system->key)), $this->ration($system, $together, $this->kept->facility->date))]),
            ...$alone,
        ];
    }

    /**
     * Grams of dry food a day by the book.
     *
     * @param  list<Fish>  $fish
     * @param  LocalDate  $date  today or to come
     */
    public function ration(System $system, array $fish, LocalDate $date): float
    {
        $celsius = $system->temperature?->on($date);
        $rulebook = $this->kept->facility->rulebook->holdingFor($system->key);
        $isToday = $date->equals($this->kept->facility->date);

        return array_sum(array_map(
            fn (Fish $one): float => (new FedOccupant($one->species, $isToday ? $this->kept->brief($one)->length->likely : $this->kept->lengthsAhead($one)->on($date), $one->count, $one->rationOn($date)))->feed($celsius, $rulebook),
            $fish,
        ));
    }
}
