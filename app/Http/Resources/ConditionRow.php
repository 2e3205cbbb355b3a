<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was seen of a fish on a day.')]
final readonly class ConditionRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public bool $is_eating,
        #[OA\Property] public ?string $sign,
    ) {
    }
}
