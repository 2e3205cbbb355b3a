<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** How deep behind the pane, or below the surface, a fish swims, and how well that is known. */
final readonly class FishDepth
{
    public function __construct(
        /** Millimetres behind the inner face, to its middle. */
        public float $mm,
        /** Standard deviation. */
        public float $spread,
    ) {
    }

    /**
     * Standing in a part of the water it may be anywhere in it: the standard
     * deviation of a uniform spread is its width over the root of twelve.
     *
     * @param  float  $room  from the pane to the wall behind, or the depth of the water
     */
    public static function in(DepthZone $zone, float $room): self
    {
        $uniform = fn (float $from, float $until): self => new self($room * ($from + $until) / 2, $room * ($until - $from) / sqrt(12));

        return match ($zone) {
            // At the pane itself: a hand's breadth, whatever the room.
            DepthZone::Near => new self(min(45.0, $room / 4), min(22.0, $room / 8)),
            DepthZone::Middle => $uniform(1 / 3, 2 / 3),
            DepthZone::Back => $uniform(2 / 3, 1),
            DepthZone::Unknown => $uniform(0, 1),
        };
    }
}
