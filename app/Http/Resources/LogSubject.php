<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or system that an entry is about.')]
final readonly class LogSubject
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
    ) {
    }
}
