<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

/** Shares of the fish of a trial, each from 0 to 1. */
final readonly class TrialResult
{
    public function __construct(
        /** Length a year ahead, measured by hand, inside the 10 to 90 % band. */
        public float $lengthInside,
        public float $lengthBelow,
        public float $lengthAbove,
        /** Randomised probability transform of the outgrow date in (0.1, 0.9). */
        public float $dateTransform,
        /** True outgrow date between early and late, of the fish that neither have outgrown already nor may never do so; null for none. */
        public ?float $dateInside,
    ) {
    }
}
