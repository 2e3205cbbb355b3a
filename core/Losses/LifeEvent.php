<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** Something in the log that ends lives, or passes them from one record to another. */
final readonly class LifeEvent
{
    private function __construct(
        public LocalDate $date,
        /** Key of the record. */
        public string $of,
        /** On one day losses come before counts, and these before those that pass on. */
        public int $order,
        /** How many left; of a count, how many were found. */
        public int $number,
        public bool $hasDied = false,
        public bool $isCount = false,
        /** Key of the record that they go on in; null: one that has them from its beginning. */
        public ?string $to = null,
    ) {
    }

    public static function loss(string $of, LocalDate $date, int $lost, LossKind $kind): self
    {
        return new self($date, $of, 0, $lost, hasDied: $kind->isDeath());
    }

    /** All were caught: of those that were not found nobody knows more than that they are gone. */
    public static function allCaught(string $of, LocalDate $date, int $found): self
    {
        return new self($date, $of, 1, $found, hasDied: true, isCount: true);
    }

    /**
     * Some of a shoal go on in a record of their own, or go into another.
     *
     * @param  string|null  $into  null: a record that has them from its beginning, which is as old as they are
     */
    public static function passedOn(string $of, LocalDate $date, int $number, ?string $into): self
    {
        return new self($date, $of, 2, $number, to: $into);
    }
}
