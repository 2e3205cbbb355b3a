<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The camera before a system.')]
final readonly class CameraPlace
{
    public function __construct(
        #[OA\Property(description: 'Where it answers with a still image; null: there is none.')] public ?string $url,
    ) {
    }
}
