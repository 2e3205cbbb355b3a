<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Housing\Size\HomeLimit;

/** One fish on the floor plan. */
final readonly class GrowingOccupant
{
    public function __construct(
        public Fish $fish,
        /** @var non-empty-list<LengthBand> on each day of the plan */
        public array $lengths,
        /** Length of the largest of a shoal over the mean. */
        public float $largest,
        /** Own lengths that it needs to swim. */
        private float $swimLengths,
        /** Own lengths that it needs to turn. */
        private float $turningLengths,
        public HomeLimit $limit,
    ) {
    }

    /** @return non-empty-list<float> straight swimming room that the largest needs, millimetres, on each day */
    public function runNeeded(): array
    {
        return array_map(fn (LengthBand $band): float => $this->swimLengths * $this->largest * $band->likely, $this->lengths);
    }

    /** @return non-empty-list<float> room that the largest needs to turn, millimetres, on each day */
    public function turningNeeded(): array
    {
        return array_map(fn (LengthBand $band): float => $this->turningLengths * $this->largest * $band->likely, $this->lengths);
    }
}
