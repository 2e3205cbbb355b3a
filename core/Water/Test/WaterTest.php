<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** What one test of a system's water found. */
final readonly class WaterTest
{
    /** @param  non-empty-array<value-of<Quantity>, float>  $values  in the units of the quantities */
    private function __construct(
        public LocalDate $date,
        public array $values,
    ) {
    }

    /**
     * @param  array<value-of<Quantity>, float>  $values
     *
     * @throws InvalidEntry when it holds nothing or lies ahead
     */
    public static function record(LocalDate $date, array $values, LocalDate $today): self
    {
        if ($date->isAfter($today)) {
            throw InvalidEntry::because('date', Finding::of('water.test_in_the_future'));
        }
        if ($values === []) {
            throw InvalidEntry::because('values', Finding::of('water.test_without_values'));
        }

        return new self($date, $values);
    }

    /** @param  non-empty-array<value-of<Quantity>, float>  $values */
    public static function ofRecord(LocalDate $date, array $values): self
    {
        return new self($date, $values);
    }

    public function value(Quantity $quantity): ?float
    {
        return $this->values[$quantity->value] ?? null;
    }
}
