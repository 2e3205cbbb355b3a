<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Moving\Watch\RoundState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A time to look.')]
final readonly class WatchRound
{
    public function __construct(
        #[OA\Property(description: 'On the clock of the facility.')] public string $at,
        #[OA\Property] public string $why,
        #[OA\Property(type: 'string', enum: RoundState::class)] public RoundState $state,
    ) {
    }
}
