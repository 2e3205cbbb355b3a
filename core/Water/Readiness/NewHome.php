<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Facility\SystemKind;

/** What decides which steps a home needs and how long they take. */
final readonly class NewHome
{
    public function __construct(
        public SystemKind $kind,
        /** It stands, holds water and has power. */
        public bool $isBuilt,
        public bool $usesTapWater,
        public bool $hasStarterFish,
        /** Days until the filter carries the planned stock. */
        public int $cycleDays,
    ) {
    }
}
