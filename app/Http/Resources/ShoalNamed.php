<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A shoal by its name.')]
final readonly class ShoalNamed
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
    ) {
    }
}
