<?php

declare(strict_types=1);

namespace Biomegas\Housing\Floor;

use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;

/** The floor that those who share a system need in each water layer: in proportion to their squared lengths. */
final readonly class FloorUse
{
    /** @param  list<Occupant>  $occupants */
    private function __construct(
        private float $perSquaredLength,
        private array $occupants,
        private float $there,
    ) {
    }

    /** @param  list<Occupant>  $occupants */
    public static function of(Rulebook $rulebook, System $system, array $occupants): self
    {
        return new self(CrowdedFloor::perSquaredLength($rulebook, $system, ...$occupants), $occupants, $system->floorArea());
    }

    /** Square millimetres. */
    public function needed(WaterLayer $layer): float
    {
        return $this->perSquaredLength * array_sum(array_map(
            fn (Occupant $occupant): float => $occupant->species->layer->uses($layer) ? $occupant->squaredLength() : 0.0,
            $this->occupants,
        ));
    }

    /** Of the floor that is there; above 1: too many. */
    public function share(WaterLayer $layer): float
    {
        return $this->needed($layer) / $this->there;
    }

    public function fullest(): float
    {
        return max(0.0, ...array_map($this->share(...), WaterLayer::layers()));
    }
}
