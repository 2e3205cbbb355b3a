<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How much of the disk pictures take, and may take.')]
final readonly class PictureRoom
{
    public function __construct(
        #[OA\Property(description: 'Those that were taken out too.')] public int $pictures,
        #[OA\Property] public float $used_mb,
        #[OA\Property] public int $limit_mb,
        #[OA\Property(description: 'Of those that were taken out; they can be erased.')] public float $removed_mb,
    ) {
    }
}
