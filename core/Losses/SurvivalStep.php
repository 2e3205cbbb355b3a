<?php

declare(strict_types=1);

namespace Biomegas\Losses;

/** A day on which somebody died, and what share lived on beyond it. */
final readonly class SurvivalStep
{
    public function __construct(
        /** After their arrival. */
        public int $days,
        /** How many were still kept just before. */
        public int $atRisk,
        public int $deaths,
        /** Share that lives beyond. */
        public float $share,
        /** Standard error, after Greenwood (1926). */
        public float $error,
        /** 95 in 100 such reckonings hold the true share between these: log-log interval, Kalbfleisch & Prentice (1980). */
        public float $low,
        public float $high,
    ) {
    }
}
