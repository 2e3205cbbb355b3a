<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

use Biomegas\Facility\WaterTemperature;

/** What the bacteria live in. */
final readonly class Conditions
{
    /** A filter so large that it does not limit anything, mg N/l/d. */
    public const UNLIMITED = 8.0;

    /** The bacteria can be at most this many times what the load needs, or they cannot clear it. */
    public const LEAST_RESERVE = 1.3;

    /** What a surface turns over in plenty, over what it does at the traces that fish bear. Judgement: with it a filter that is just large enough keeps nitrite under 0.15 mg N/l. */
    public const IN_PLENTY = 3.0;

    /**
     * @param  float  $celsius  °C
     * @param  float  $capacity  the most that the surface of the filter can hold in plenty, mg N/l/d
     * @param  float  $dailyChange  share of the water changed each day
     * @param  float  $tapNitrate  mg N/l in the water that is filled in
     */
    public function __construct(
        public float $celsius = WaterTemperature::USUAL_CELSIUS,
        public float $capacity = self::UNLIMITED,
        public float $dailyChange = 0.0,
        public float $tapNitrate = 0.0,
    ) {
    }

    /** How much faster ammonia is turned over than at 25 °C. */
    public function ammoniaPace(): float
    {
        return 1.09 ** ($this->celsius - 25);
    }

    public function nitritePace(): float
    {
        return 1.06 ** ($this->celsius - 25);
    }

    /** The filter is large enough for this load, mg N/l/d. */
    public function carries(float $load): bool
    {
        return $this->capacity >= self::IN_PLENTY * self::LEAST_RESERVE * $load - 1e-9;
    }
}
