<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;

/** What a keeper has in mind with a new system. */
final readonly class NewHomePlan
{
    public function __construct(
        public LocalDate $wanted,
        public bool $isBuilt = false,
        public bool $usesTapWater = true,
        public bool $hasStarterFish = false,
        /** Share of the media of a running filter, 0 to 1. */
        public float $donorShare = 0.0,
        /** What the fish of that system make, g N a day. */
        public float $donorAmmonia = 0.0,
    ) {
    }
}
