<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

use Biomegas\Calendar\LocalDate;

/** What a filter has carried in the last weeks, and what was done to it: its bacteria grow with their load and fade over weeks when it leaves. */
final readonly class FilterPast
{
    /** As far as bacteria remember. */
    public const DAYS = 60;

    private const STEPS_PER_DAY = 6;

    /**
     * @param  non-empty-list<array{LocalDate, float}>  $loads  ammonia made from each day on, mg N/l/d, by date
     * @param  list<array{LocalDate, float}>  $blows  day and share of the bacteria that it left: of cleanings and treatments
     * @param  LocalDate|null  $cleanOn  when it was last tested, if neither ammonia nor nitrite was found; null: it was not lately, or they were
     */
    public function __construct(
        private array $loads,
        private array $blows,
        private ?LocalDate $cleanOn,
        /** The day that is asked about: today, or one to come. */
        private LocalDate $today,
    ) {
    }

    /** The same when that was done to it besides. */
    public function with(FilterCare $care, LocalDate $date): self
    {
        return new self($this->loads, [...$this->blows, [$date, $care->left()]], $this->cleanOn, $this->today);
    }

    /** What lives in it today. Clean tests with fish in the water show that it carried them then, whatever is reckoned; what was done to it since counts. */
    public function bacteria(Conditions $in, float $presentLoad): Bacteria
    {
        $grown = $this->grown($in);
        if ($this->cleanOn === null || $presentLoad <= 0.0) {
            return $grown;
        }
        $shown = Course::mature($in, $presentLoad);
        foreach ($this->blows as [$date, $left]) {
            $shown = $date->isAfter($this->cleanOn) ? $shown->times($left) : $shown;
        }

        return $grown->orAtLeast($shown);
    }

    private function grown(Conditions $in): Bacteria
    {
        $in = new Conditions($in->celsius, $in->capacity);
        [$first, $load] = $this->loads[0];
        $bacteria = $load > 0.0 ? Course::mature($in, $load) : Bacteria::ofNewFilter();
        $water = new Water;
        for ($day = $first; $day->isBefore($this->today); $day = $day->plusDays(1)) {
            $load = $this->loadOn($day);
            $bacteria = $this->afterBlows($bacteria, $day);
            for ($step = 0; $step < self::STEPS_PER_DAY; $step++) {
                [$water, $bacteria] = Step::advance($water, $bacteria, $in, $load, 1 / self::STEPS_PER_DAY);
            }
            $bacteria = $bacteria->orAtLeast(Bacteria::ofNewFilter());
        }

        return $this->afterBlows($bacteria, $this->today);
    }

    private function loadOn(LocalDate $day): float
    {
        $present = 0.0;
        foreach ($this->loads as [$from, $load]) {
            $present = $from->isAfter($day) ? $present : $load;
        }

        return $present;
    }

    private function afterBlows(Bacteria $bacteria, LocalDate $day): Bacteria
    {
        foreach ($this->blows as [$date, $left]) {
            $bacteria = $date->equals($day) ? $bacteria->times($left) : $bacteria;
        }

        return $bacteria;
    }
}
