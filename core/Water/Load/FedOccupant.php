<?php

declare(strict_types=1);

namespace Biomegas\Water\Load;

use Biomegas\Facility\LengthWeight;
use Biomegas\Facility\Species;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Feeding;

/** A fish or shoal as the water feels it: so heavy, and fed so much. */
final readonly class FedOccupant
{
    public function __construct(
        public Species $species,
        /** Mean length, millimetres. */
        public float $length,
        public int $count,
        public Ration $ration,
    ) {
    }

    /** Grams of all of them. A species whose mass is not known counts as a fish of usual build. */
    public function mass(): float
    {
        return $this->count * $this->each();
    }

    private function each(): float
    {
        return ($this->species->lengthWeight ?? LengthWeight::ofUsualBuild())->grams($this->length);
    }

    /** Grams of dry food a day in water of this temperature; null: not known, so as at its best. */
    public function feed(?float $celsius, Rulebook $rulebook): float
    {
        return $this->count * $this->appetite($celsius)
            * Feeding::gramsPerDay($this->each(), $this->length / $this->species->adultLength->typical, $this->ration, $rulebook);
    }

    /** Appetite falls with growth in the cold, and is not fed beyond that of the reference. Judgement, no published source. */
    private function appetite(?float $celsius): float
    {
        $points = $this->species->cardinalTemperatures;

        return $points === null || $celsius === null
            ? 1.0
            : min(1.0, $points->responseAt($celsius) / $points->responseAt($points->reference));
    }
}
