<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A kind to choose from.')]
final readonly class KindName
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $common_name,
    ) {
    }
}
