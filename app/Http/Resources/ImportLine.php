<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Import\Entries\RowState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One row of a table as it was read.')]
final readonly class ImportLine
{
    /**
     * @param  list<string>  $sentences
     * @param  list<string>  $cells
     */
    public function __construct(
        #[OA\Property(description: 'Of the file, from 1.')] public int $line,
        #[OA\Property(type: 'string', enum: RowState::class)] public RowState $state,
        #[OA\Property(description: 'What stands against it.', type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $cells,
    ) {
    }
}
