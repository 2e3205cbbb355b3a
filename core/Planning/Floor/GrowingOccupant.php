<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Housing\Size\FootprintLimit;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Rulebook\Rulebook;

/** One fish on the floor plan. */
final readonly class GrowingOccupant
{
    public function __construct(
        public Fish $fish,
        /** @var non-empty-list<LengthBand> on each day of the plan */
        public array $lengths,
        /** @var non-empty-list<float> the largest of a shoal likely is so long on each day, millimetres */
        public array $largest,
        /** @var non-empty-list<float> and the smallest */
        public array $smallest,
        public HomeLimit $limit,
        private Rulebook $rulebook,
    ) {
    }

    /** @return non-empty-list<float> straight swimming room that the largest needs, millimetres, on each day */
    public function runNeeded(): array
    {
        return array_map(fn (float $largest): float => FootprintLimit::runFor($this->fish->species, $largest, $this->rulebook), $this->largest);
    }

    /** @return non-empty-list<float> room that the largest needs to turn, millimetres, on each day */
    public function turningNeeded(): array
    {
        $lengths = $this->rulebook->number(FootprintLimit::turningLengths($this->fish->species));

        return array_map(fn (float $largest): float => $lengths * $largest, $this->largest);
    }
}
