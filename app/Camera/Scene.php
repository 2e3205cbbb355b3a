<?php

declare(strict_types=1);

namespace App\Camera;

/** What stands before the simulated camera: a pane with a ruler on it, water, a wall behind, and fish. */
final readonly class Scene
{
    public const RULER_MM = 500.0;

    /** @param  list<SwimmingFish>  $fish */
    public function __construct(
        public int $width,
        public int $height,
        /** How much of the pane the picture shows across, millimetres. */
        public float $shownMm,
        /** From the lens to the pane. */
        public float $distanceMm,
        public float $glassMm,
        /** From the pane to the wall behind. */
        public float $roomMm,
        public float $waterIndex,
        public array $fish,
    ) {
    }

    public function mmPerPixel(): float
    {
        return $this->shownMm / $this->width;
    }

    /** How far under the middle of the picture the ruler is stuck on the pane, millimetres. */
    public function rulerY(): float
    {
        return 0.4 * $this->shownMm * $this->height / $this->width;
    }
}
