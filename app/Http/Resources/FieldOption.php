<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One of several that a field can be.')]
final readonly class FieldOption
{
    public function __construct(
        #[OA\Property] public string $value,
        #[OA\Property] public string $text,
    ) {
    }
}
