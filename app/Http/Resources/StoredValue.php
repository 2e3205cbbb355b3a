<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A value as it is stored.')]
final readonly class StoredValue
{
    public function __construct(
        #[OA\Property] public string $column,
        #[OA\Property(nullable: true)] public ?string $value,
    ) {
    }
}
