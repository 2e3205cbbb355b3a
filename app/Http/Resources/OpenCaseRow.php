<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One that suffers from others.')]
final readonly class OpenCaseRow
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $words,
        #[OA\Property] public bool $is_fresh,
    ) {
    }
}
