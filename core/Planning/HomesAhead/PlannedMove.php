<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;

/** A move that is written down and not made yet. */
final readonly class PlannedMove
{
    public function __construct(
        /** Key of the fish. */
        public string $fish,
        public string $from,
        public string $to,
        public LocalDate $on,
        /** So many of a shoal; null: all. */
        public ?int $count = null,
        /** Back from a stay that was meant to end: its place is kept until then. */
        public bool $isReturn = false,
    ) {
    }
}
