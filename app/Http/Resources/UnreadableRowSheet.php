<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Repair\RowRepair;
use App\Repair\StoredTable;
use App\Repair\UnreadableRow;
use App\Repair\UnreadableRows;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that is written down and cannot be read: it is left out everywhere until it is corrected or deleted.')]
final readonly class UnreadableRowSheet
{
    private const MOST = 50;

    /** @param  list<StoredValue>  $values */
    public function __construct(
        #[OA\Property(type: 'string', enum: StoredTable::class)] public StoredTable $table,
        #[OA\Property] public int $id,
        #[OA\Property(description: 'Of the fish, system or species that it is about.', nullable: true)] public ?string $name,
        #[OA\Property] public string $reason,
        #[OA\Property(description: 'Nothing is wrong with itself: what it rests on has to be mended first.')] public bool $is_waiting,
        #[OA\Property(description: 'A deletion takes away what the keeper changed; what it came with stays.')] public bool $is_emptied,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/StoredValue'))] public array $values,
    ) {
    }

    /** @return list<self> what has to be mended first comes first */
    public static function all(UnreadableRows $rows, Messages $says): array
    {
        $all = $rows->all();
        usort($all, fn (UnreadableRow $a, UnreadableRow $b): int => $a->isWaiting <=> $b->isWaiting);

        return array_map(fn (UnreadableRow $row): self => self::from($row, $says), array_slice($all, 0, self::MOST));
    }

    private static function from(UnreadableRow $unreadable, Messages $says): self
    {
        $row = RowRepair::row($unreadable->table, $unreadable->id);

        return new self(
            $unreadable->table, $unreadable->id, $row === null ? null : RowRepair::nameOf($unreadable->table, $row), $says->say($unreadable->reason), $unreadable->isWaiting, $row !== null && $unreadable->table->emptied($row) !== null,
            array_map(fn (string $column): StoredValue => new StoredValue($column, isset($row->{$column}) ? (string) $row->{$column} : null), $unreadable->table->correctable()),
        );
    }
}
