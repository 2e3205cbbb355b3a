<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterNow;

/** One of two waters that a fish goes between. Null: not measured. */
final readonly class WaterSample
{
    /** Taken for both where the carbonate hardness of one is not known, °dH. */
    public const USUAL_CARBONATE = 4.0;

    /** Even the softest water holds a little. */
    private const LEAST_CARBONATE = 0.2;

    public function __construct(
        public ?float $celsius = null,
        public ?float $ph = null,
        /** °dH */
        public ?float $carbonate = null,
        /** General hardness, °dH. */
        public ?float $hardness = null,
        /** µS/cm */
        public ?float $conductivity = null,
        /** mg/l of the ions */
        public ?float $ammonia = null,
        public ?float $nitrite = null,
        public ?float $nitrate = null,
        /** ppt */
        public ?float $salinity = null,
        /** Measured lately; otherwise as somebody typed it long ago. */
        public bool $isTested = true,
    ) {
    }

    /** Of a system: as it was measured lately, else as it is kept. */
    public static function ofSystem(System $system, WaterNow $now, LocalDate $day): self
    {
        return new self(
            $now->value(Quantity::Temperature) ?? $system->temperature?->on($day),
            $now->value(Quantity::Ph) ?? $system->ph,
            $now->value(Quantity::CarbonateHardness),
            $now->value(Quantity::GeneralHardness) ?? $system->hardness,
            $now->value(Quantity::Conductivity),
            $now->value(Quantity::Ammonia),
            $now->value(Quantity::Nitrite),
            $now->value(Quantity::Nitrate),
            $now->value(Quantity::Salinity),
            $now->value(Quantity::Ph) !== null,
        );
    }

    public function alkalinity(): float
    {
        return max(self::LEAST_CARBONATE, $this->carbonate ?? self::USUAL_CARBONATE);
    }

    public function hasKnownAlkalinity(): bool
    {
        return $this->carbonate !== null;
    }
}
