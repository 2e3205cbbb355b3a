<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How an entry stood after one change.')]
final readonly class LogVersion
{
    public function __construct(
        #[OA\Property(description: 'Of the change; 0: the first.')] public int $id,
        #[OA\Property(type: 'string', enum: ['created', 'updated', 'deleted', 'restored'])] public string $event,
        #[OA\Property(format: 'date-time')] public ?string $at,
        #[OA\Property] public ?string $author,
        #[OA\Property] public string $sentence,
        #[OA\Property(description: 'It can be made to stand like this again.')] public bool $can_return,
    ) {
    }
}
