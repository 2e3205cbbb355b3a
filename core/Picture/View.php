<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/**
 * How a picture was taken, and how well that is known: all that a length needs
 * besides the marks along the fish.
 */
final readonly class View
{
    public function __construct(
        public KnownSpan $scale,
        public Point $foot,
        /** Standard deviation of the foot in pixels; 0: it was marked. */
        public float $footSpread,
        /** From the lens to the pane or the surface of the water, millimetres. */
        public float $distanceMm,
        /** Its relative standard error. */
        public float $distanceError,
        /** Thickness of the pane; null: straight down at open water. */
        public ?float $glassMm,
        /** Of the rim on which the scale lies above the water; counts from above alone. */
        public float $rimMm,
        public float $waterIndex,
        /** Standard deviation of a mark, pixels. */
        public float $markSpread,
    ) {
    }

    public function sight(): Sight
    {
        return $this->sightOf($this->scale, $this->foot, $this->distanceMm);
    }

    /** As it would be if the marks and measures were these. */
    public function sightOf(KnownSpan $scale, Point $foot, float $distanceMm): Sight
    {
        return $this->glassMm === null
            ? Sight::fromAbove($foot, $scale->mmPerPixel(), $distanceMm, $this->rimMm, $this->waterIndex)
            : new Sight($foot, $scale->mmPerPixel(), $distanceMm, $this->glassMm, $this->waterIndex);
    }
}
