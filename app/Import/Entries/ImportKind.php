<?php

declare(strict_types=1);

namespace App\Import\Entries;

use Biomegas\Water\Test\Quantity;

/** What a table of entries tells of. */
enum ImportKind: string
{
    case Lengths = 'lengths';
    case Tests = 'tests';
    case Counts = 'counts';
    case Losses = 'losses';
    case Moves = 'moves';

    /** @return non-empty-list<string> what a column can be, those that must be there first */
    public function columns(): array
    {
        return match ($this) {
            self::Lengths => ['fish', 'date', 'length', 'method', 'sample'],
            self::Tests => ['system', 'date', ...array_column(Quantity::cases(), 'value'), 'note'],
            self::Counts => ['fish', 'date', 'number', 'count_kind', 'give_or_take'],
            self::Losses => ['fish', 'date', 'loss_kind', 'count', 'cause'],
            self::Moves => ['fish', 'date', 'to'],
        };
    }

    /** @return non-empty-list<string> without which no row can be written */
    public function needed(): array
    {
        return match ($this) {
            self::Lengths => ['fish', 'date', 'length'],
            self::Tests => ['system', 'date'],
            self::Counts => ['fish', 'date', 'number'],
            self::Losses => ['fish', 'date'],
            self::Moves => ['fish', 'date', 'to'],
        };
    }

    /** The table into which its entries are written. */
    public function table(): string
    {
        return match ($this) {
            self::Lengths => 'measurements',
            self::Tests => 'water_tests',
            self::Counts => 'counts',
            self::Losses => 'losses',
            self::Moves => 'moves',
        };
    }
}
