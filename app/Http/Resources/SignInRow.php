<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A browser in which somebody is signed in.')]
final readonly class SignInRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'As the browser names itself.')] public string $agent,
        #[OA\Property(format: 'date-time')] public string $began_at,
        #[OA\Property(description: 'To the hour.', format: 'date-time')] public string $seen_at,
        #[OA\Property(description: 'The one that asks.')] public bool $is_this,
    ) {
    }
}
