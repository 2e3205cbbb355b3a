<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/** Two units that cost something, or may not be, together in one system from one period to another, both included. */
final readonly class Conflict
{
    public function __construct(
        public int $one,
        public int $other,
        public int $from,
        public int $to,
        /** For each period together; null: forbidden. */
        public ?float $cost,
    ) {
    }
}
