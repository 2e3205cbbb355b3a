<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Import\CheckedRow;
use Biomegas\Calendar\DateOrder;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A table of fish and lengths, read row by row. Nothing is saved.')]
final readonly class CheckedTable
{
    /** @param  list<CheckedTableRow>  $rows */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CheckedTableRow'))] public array $rows,
        #[OA\Property(description: 'Rows that can be taken as they are.')] public int $good,
        #[OA\Property(type: 'string', enum: DateOrder::class)] public DateOrder $date_order,
        #[OA\Property(description: 'The table itself tells the order of its dates.')] public bool $is_order_told,
    ) {
    }

    /** @param  list<CheckedRow>  $rows */
    public static function from(array $rows, DateOrder $order, bool $isTold): self
    {
        return new self(
            array_map(CheckedTableRow::from(...), $rows),
            count(array_filter($rows, fn (CheckedRow $row): bool => $row->isGood())),
            $order,
            $isTold,
        );
    }
}
