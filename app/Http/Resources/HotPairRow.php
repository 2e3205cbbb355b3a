<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How often one went for another.')]
final readonly class HotPairRow
{
    public function __construct(
        #[OA\Property] public string $actor,
        #[OA\Property] public string $target,
        #[OA\Property] public int $acts,
        #[OA\Property] public int $harmful,
    ) {
    }
}
