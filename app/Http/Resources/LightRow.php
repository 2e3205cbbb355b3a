<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Equipment\LightState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How much was seen in one light.')]
final readonly class LightRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: LightState::class)] public LightState $light,
        #[OA\Property] public string $words,
        #[OA\Property] public int $acts,
    ) {
    }
}
