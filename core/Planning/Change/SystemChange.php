<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrification\FilterStart;

/** Something that a keeper thinks of doing to a system. Null members stay as they are. */
final readonly class SystemChange
{
    public function __construct(
        public ?Occupant $newcomer = null,
        /** @var list<FedOccupant> what the newcomers ask of the water */
        public array $newEaters = [],
        public ?Filter $filter = null,
        public ?float $turnover = null,
        public ?float $weeklyChange = null,
        /** Millimetres from the left end of the first pool. */
        public ?float $dividerAt = null,
        public ?FilterStart $filterStart = null,
        /** Key of a fish that leaves. */
        public ?string $leaving = null,
    ) {
    }

    public function applyTo(System $system, LocalDate $today): System
    {
        $old = $system->equipment;
        $dividers = $this->dividerAt === null ? $old->dividers : [...$old->dividers, new Divider($system->pools[0]->key, $this->dividerAt, $today)];

        return $system->with(new Equipment(
            $old->sumpLitres, $old->decorArea, $old->decorLitres, $old->decorKilograms, $this->filter ?? $old->filter, $this->turnover ?? $old->turnover,
            $old->heaterWatts, $old->light, $this->weeklyChange ?? $old->weeklyChange, $old->source, $old->substrate, $old->site, $dividers,
        ));
    }

    /** Ammonia could rise after it. */
    public function stirsTheFilter(): bool
    {
        return $this->newEaters !== [] || $this->filterStart !== null || $this->filter !== null;
    }
}
