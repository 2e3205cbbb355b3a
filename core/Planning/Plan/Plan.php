<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\RunningCost;
use Biomegas\Facility\Fish;

/** A decision as it looks on the day it is read: why each move, what to open, what stays out of rule, who is how long where. */
final readonly class Plan
{
    public function __construct(
        public LocalDate $date,
        public Decision $decision,
        /** @var list<PlanMove> by day, in working order */
        public array $moves,
        /** @var list<PlanOpening> by the day on which they are needed */
        public array $openings,
        /** @var list<Breach> by day */
        public array $breaches,
        public Lanes $lanes,
        /** @var list<CostMonth> by month */
        public array $costs,
    ) {
    }

    /** @return list<CostYear> by year */
    public function costsByYear(): array
    {
        $years = [];
        foreach ($this->costs as $month) {
            $year = (int) substr($month->from->toIso(), 0, 4);
            $so = $years[$year] ?? new CostYear($year, new RunningCost, 0.0);
            $years[$year] = new CostYear($year, $so->running->plus($month->running), $so->openings + $month->openings);
        }

        return array_values($years);
    }

    /** Food, water, power and homes until the end, in the facility's money. */
    public function costOfAll(): float
    {
        return array_sum(array_map(fn (CostYear $year): float => $year->whole(), $this->costsByYear()));
    }

    /** Food, water and power a year, on the mean, in the facility's money. */
    public function runningPerYear(): float
    {
        $running = array_sum(array_map(fn (CostYear $year): float => $year->running->whole(), $this->costsByYear()));

        return LocalDate::DAYS_PER_YEAR * $running / max(1, $this->date->daysUntil($this->decision->horizon));
    }

    /** Of all homes that must be opened, in the facility's money. */
    public function priceOfOpenings(): float
    {
        return array_sum(array_map(fn (PlanOpening $opening): float => $opening->price, $this->openings));
    }

    /** @return list<array{Fish, int}> those who are out of rule, and for how many days, the longest first */
    public function daysByFish(): array
    {
        $days = [];
        foreach ($this->breaches as $breach) {
            $key = $breach->fish->key;
            $days[$key] = [$breach->fish, ($days[$key][1] ?? 0) + $breach->days()];
        }
        usort($days, fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $days;
    }

    /** Days out of rule of all fish together. */
    public function daysOutOfRule(): int
    {
        return array_sum(array_map(fn (Breach $breach): int => $breach->days(), $this->breaches));
    }
}
