<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that became of somebody.')]
final readonly class PersonChange
{
    public function __construct(
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public string $sentence,
    ) {
    }
}
