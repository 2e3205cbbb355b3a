<?php

declare(strict_types=1);

namespace Tests\Calibration;

final readonly class TrialResult
{
    public function __construct(
        /** Share of true lengths inside the 10 to 90 % band. */
        public float $lengthCoverage,
        /** Share of true lengths below it. */
        public float $lengthBelow,
        /** Share of fish whose randomised probability transform of the outgrow date lies in (0.1, 0.9). */
        public float $dateTransform,
    ) {
    }
}
