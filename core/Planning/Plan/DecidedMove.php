<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/** A move that a plan has decided on. */
final readonly class DecidedMove
{
    public function __construct(
        /** Keys of the fish and of the systems. */
        public string $fish,
        public string $from,
        public string $to,
        public LocalDate $on,
        /** Two or more change places on that day: it waits in a tub meanwhile. */
        public bool $waitsInTub = false,
        /** The likely length on that day, millimetres, where it moves for its size: it may go as soon as it is that long. Null: the day counts. */
        public ?float $atLength = null,
    ) {
    }
}
