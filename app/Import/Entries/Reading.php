<?php

declare(strict_types=1);

namespace App\Import\Entries;

use Biomegas\Calendar\DateOrder;
use Biomegas\Measure\LengthUnit;

/** How a table is read: which column is what, and what bare figures mean. */
final readonly class Reading
{
    /** @param  array<string, int>  $columns  index of the column by what it is */
    public function __construct(
        public array $columns,
        public DateOrder $dates,
        public LengthUnit $lengths,
        public bool $isFahrenheit,
    ) {
    }

    /** @return array{columns: array<string, int>, dates: string, lengths: string, is_fahrenheit: bool} */
    public function toArray(): array
    {
        return ['columns' => $this->columns, 'dates' => $this->dates->value, 'lengths' => $this->lengths->value, 'is_fahrenheit' => $this->isFahrenheit];
    }

    /** @param  array{columns: array<string, int>, dates: string, lengths: string, is_fahrenheit: bool}  $stored */
    public static function fromArray(array $stored): self
    {
        return new self($stored['columns'], DateOrder::from($stored['dates']), LengthUnit::from($stored['lengths']), $stored['is_fahrenheit']);
    }
}
