<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What came of a table; send it back to undo it.')]
final readonly class SavedTable
{
    /**
     * @param  list<int>  $fish
     * @param  list<int>  $lengths
     * @param  list<int>  $left
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $fish,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $lengths,
        #[OA\Property(description: 'Lines of rows that could not be taken, and were not.', type: 'array', items: new OA\Items(type: 'integer'))] public array $left,
    ) {
    }
}
