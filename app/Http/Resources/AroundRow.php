<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How much was seen in the week before a change and in the week from it on.')]
final readonly class AroundRow
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/HomeChangeRow')] public HomeChangeRow $change,
        #[OA\Property] public int $before,
        #[OA\Property] public int $after,
        #[OA\Property(description: 'The week is not over yet.')] public bool $is_going_on,
    ) {
    }
}
