<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** A question that splits a part: where a unit is in a period, or, without a period, whether a system is opened. */
final readonly class Fork
{
    public function __construct(
        /** The unit or the system. */
        public int $of,
        public ?int $period,
    ) {
    }
}
