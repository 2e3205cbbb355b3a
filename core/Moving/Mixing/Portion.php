<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/** One portion of new water. */
final readonly class Portion
{
    public function __construct(
        /** From the start. */
        public float $minute,
        public float $litres,
        /** Share of old water that remains. */
        public float $remaining,
    ) {
    }
}
