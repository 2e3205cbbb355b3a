<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What became of the readings.')]
final readonly class ReadingsRecorded
{
    public function __construct(
        #[OA\Property] public int $recorded,
        #[OA\Property(description: 'Known from before.')] public int $already_there,
    ) {
    }
}
