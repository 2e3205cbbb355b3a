<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How many were believed there from a day on.')]
final readonly class ExpectedStep
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public int $count,
    ) {
    }
}
