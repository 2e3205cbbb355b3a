<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** A loss or a count in the record of one fish or shoal. */
final readonly class HeadCountEvent
{
    private function __construct(
        public LocalDate $date,
        public int $number,
        /** Null for a loss. */
        public ?CountKind $count,
    ) {
    }

    public static function loss(LocalDate $date, int $lost): self
    {
        return new self($date, $lost, null);
    }

    public static function count(LocalDate $date, CountKind $kind, int $seen): self
    {
        return new self($date, $seen, $kind);
    }
}
