<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Moving\Mixing\WaterSample;

/** What a fish was sold in. */
final readonly class Bag
{
    /** Ammonia that a fish gives off unfed, mg N for each kilogram in an hour. Judgement from the design's figures; from memory. */
    private const AMMONIA_PER_KG_HOUR = 10.0;

    public const USUAL_LITRES = 3.0;

    /** On the way, where nobody says how long. */
    public const USUAL_HOURS = 1.0;

    public function __construct(
        /** Null: nobody has measured it. */
        public ?float $celsius,
        public ?float $ph,
        /** Since it was closed. */
        public float $hours,
        /** Litres of water. */
        public float $litres,
        /** Grams of all fish in it. */
        public float $mass,
    ) {
    }

    /** mg N/l */
    public function ammonia(): float
    {
        return self::AMMONIA_PER_KG_HOUR * $this->mass / 1000 * $this->hours / $this->litres;
    }

    /** Its water once it has floated: as warm as the home. */
    public function floated(WaterSample $home): WaterSample
    {
        return new WaterSample($this->celsius === null ? null : $home->celsius, $this->ph, salinity: $home->salinity, isTested: $this->ph !== null);
    }
}
