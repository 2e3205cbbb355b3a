<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

/** What is built into a system besides its pools. Null: not known. */
final readonly class Equipment
{
    public function __construct(
        /** Water that counts for dilution, never as room. */
        public float $sumpLitres = 0.0,
        /** Floor that rock and wood stand on, square millimetres. */
        public float $decorArea = 0.0,
        /** Water that they take the place of. */
        public float $decorLitres = 0.0,
        /** Stone, wood and substrate, kilograms. */
        public float $decorKilograms = 0.0,
        public ?Filter $filter = null,
        /** Litres an hour. */
        public ?float $turnover = null,
        public ?float $heaterWatts = null,
        public ?LightSchedule $light = null,
        /** Share of the water that is changed each week; null: as the rulebook says. */
        public ?float $weeklyChange = null,
        /** Where its water comes from, in the keeper's words. */
        public ?string $source = null,
        public ?string $substrate = null,
        public ?string $site = null,
        /** @var list<Divider> */
        public array $dividers = [],
    ) {
    }

    /**
     * Null members stay as they are.
     *
     * @param  list<Divider>  $moreDividers
     */
    public function changed(?Filter $filter = null, ?float $turnover = null, ?float $weeklyChange = null, array $moreDividers = []): self
    {
        return new self(
            $this->sumpLitres, $this->decorArea, $this->decorLitres, $this->decorKilograms, $filter ?? $this->filter, $turnover ?? $this->turnover,
            $this->heaterWatts, $this->light, $weeklyChange ?? $this->weeklyChange, $this->source, $this->substrate, $this->site, [...$this->dividers, ...$moreDividers],
        );
    }
}
