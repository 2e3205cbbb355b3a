<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Equipment\LightSchedule;

/** A fish that has been moved and is watched. */
final readonly class WatchCase
{
    public function __construct(
        public string $name,
        public LocalMoment $began,
        /** Null: not known. */
        public ?LightSchedule $light = null,
        public bool $isRay = false,
        /** It was boss here before it was taken out, or its new home holds fighters. */
        public bool $isDangerous = false,
    ) {
    }

    /** Days for which it is watched at least. */
    public function days(): int
    {
        return match (true) {
            $this->isRay => Rounds::RAY_DAYS,
            $this->isDangerous => Rounds::DANGEROUS_DAYS,
            default => Rounds::USUAL_DAYS,
        };
    }
}
