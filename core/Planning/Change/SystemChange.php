<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Nitrification\FilterStart;

/** Something that a keeper thinks of doing to a system. Null members stay as they are. */
final readonly class SystemChange
{
    public function __construct(
        /** @var list<Occupant> */
        public array $newcomers = [],
        /** @var list<FedOccupant> what the newcomers ask of the water */
        public array $newEaters = [],
        public ?Filter $filter = null,
        public ?float $turnover = null,
        public ?float $weeklyChange = null,
        /** Millimetres from the left end of the first pool. */
        public ?float $dividerAt = null,
        /** What is done to the filter; null: nothing. */
        public ?FilterCare $care = null,
        /** So many days before the change. */
        public int $careDaysBefore = 0,
        /** Days before the change without any ammonia. */
        public int $unfedDays = 0,
        /** Starting bacteria are dosed with it. */
        public bool $isDosed = false,
        /** Key of a fish that leaves. */
        public ?string $leaving = null,
    ) {
    }

    public function applyTo(System $system, LocalDate $today): System
    {
        return $system->with($system->equipment->changed(
            $this->filter, $this->turnover, $this->weeklyChange,
            $this->dividerAt === null ? [] : [new Divider($system->pools[0]->key, $this->dividerAt, $today)],
        ));
    }

    /**
     * @param  FilterPast|null  $past  until the day of the change; null: the filter has long carried the present stock
     * @param  LocalDate  $on  the day of the change
     */
    public function filterStart(?FilterPast $past, LocalDate $on): FilterStart
    {
        $isJustNow = $past === null || $this->careDaysBefore === 0;
        $start = FilterStart::running($isJustNow ? $this->care ?? FilterCare::Untouched : FilterCare::Untouched, $this->unfedDays);
        if ($past !== null) {
            $start = $start->after($isJustNow || $this->care === null ? $past : $past->with($this->care, $on->plusDays(-$this->careDaysBefore)));
        }

        return $this->isDosed ? $start->dosed() : $start;
    }

    /** Ammonia could rise after it. */
    public function stirsTheFilter(): bool
    {
        return $this->newEaters !== [] || $this->care !== null || $this->unfedDays > 0 || $this->filter !== null;
    }
}
