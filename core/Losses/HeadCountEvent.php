<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Sex;

/** A loss, a return or a count in the record of one fish or shoal. */
final readonly class HeadCountEvent
{
    private function __construct(
        public LocalDate $date,
        /** How many were lost or seen; below zero: so many came. */
        public int $number,
        /** Null for a loss or a return. */
        public ?CountKind $count,
        /** Of those lost or returned; null: not known. */
        public ?Sex $sex = null,
        /** Of a loss: somebody knows why. */
        public bool $isExplained = true,
        /** Of an estimate: so many more or fewer there may be; null: not said. */
        public ?int $giveOrTake = null,
    ) {
    }

    public static function loss(LocalDate $date, int $lost, ?Sex $sex = null, bool $isExplained = true): self
    {
        return new self($date, $lost, null, $sex, $isExplained);
    }

    /** So many joined a shoal. */
    public static function joined(LocalDate $date, int $came, ?Sex $sex = null): self
    {
        return new self($date, -$came, null, $sex);
    }

    public static function count(LocalDate $date, CountKind $kind, int $seen, ?int $giveOrTake = null): self
    {
        return new self($date, $seen, $kind, giveOrTake: $giveOrTake);
    }
}
